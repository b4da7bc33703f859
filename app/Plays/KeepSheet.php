<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\Address\PlayControls;
use FoxCorner\App\Plan\Address\SituationAddresses;
use FoxCorner\App\Plan\PlanEdit;
use FoxCorner\App\Plan\PlanEdits;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Contract\BeginsEmpty;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Play\Scheme\Trial;
use FoxCorner\Core\Problem\Refused;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** What the team walks through of a family of plays: a ball is put on its sheet, or taken off. */
final class KeepSheet extends AbstractController
{
    /** Balls on one sheet. */
    private const MOST = 24;

    public function __construct(
        private readonly SituationAddresses $addresses,
        private readonly PlanReader $plans,
        private readonly PlanEdits $edits,
        private readonly PlayControls $controls,
    ) {}

    #[Route('/{team}/situations/{situation}/{view}/sheet', name: 'keep_sheet', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function keep(Membership $membership, PlayFamily $family, Request $request): Response
    {
        $address = $this->addresses->read($membership->team, $request);
        $play = $this->plans->read($membership->team, $address->situation, $address->context)->play($family);
        $controls = $this->controls->of($family);
        // What is typed beside the drawing, as a sign, goes with what the drawing shows.
        $typed = $controls->read($request->request);
        $trial = $controls->trial([...$address->trial, ...$typed], $play->plan->scene());
        $balls = $this->kept($play);
        $one = $family->words()->one;
        $off = $request->request->getString('off');
        [$words, $kept] = match (true) {
            $request->request->getBoolean('shipped') => ['The list that comes with the program', []],
            '' !== $off => ["A $one taken off the list", self::without($balls, $off)],
            \count($balls) >= self::MOST => throw Refused::because(
                'sheet',
                'it is full',
                self::MOST . ' at most: take one off first',
            ),
            default => ["A $one put on the list", [...$balls, $trial]],
        };
        $this->edits->tell(
            $membership,
            PlanEdit::of(
                $words,
                $request->request->getString('seen'),
                static fn(PlanBook $book): mixed => $book->plays($family->key())->sheet,
                static fn(PlanBook $book): PlanBook => $book->withPlays(
                    $family->key(),
                    $book->plays($family->key())->withSheet($kept),
                ),
            ),
        );

        return $this->redirectToRoute(
            $request->request->getBoolean('stay') ? 'situation' : 'plays',
            ['team' => $membership->team->address(), ...$address->with([])],
            Response::HTTP_SEE_OTHER,
        );
    }

    /**
     * What is on the list: the team's own, or what comes with the program where that is one to begin from.
     *
     * @return list<Trial>
     */
    private function kept(PlannedPlay $play): array
    {
        return $play->isOwnSheet() || !($play->family instanceof BeginsEmpty) ? $play->sheet() : [];
    }

    /**
     * @param list<Trial> $balls
     *
     * @return list<Trial>
     */
    private static function without(array $balls, string $number): array
    {
        if (!isset($balls[(int) $number - 1]) || 1 !== preg_match('/^\d{1,2}$/', $number)) {
            throw Refused::because('off', "there is no number $number", 'the number of one on the list');
        }
        if (1 === \count($balls)) {
            throw Refused::because('off', 'it is the last one', 'a list with one at least, or the shipped one');
        }
        unset($balls[(int) $number - 1]);

        return array_values($balls);
    }
}
