<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\Address\SituationAddresses;
use FoxCorner\App\Plan\PlanEdit;
use FoxCorner\App\Plan\PlanEdits;
use FoxCorner\App\Shared\TypedNumber;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Choice\OutLines;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Problem\Problem;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** How sure an out in front must be for this team: "when sure", and "whenever there is a chance". */
final class SetOutLines extends AbstractController
{
    public function __construct(private readonly SituationAddresses $addresses, private readonly PlanEdits $edits) {}

    #[Route('/{team}/situations/{situation}/{view}/lines', name: 'set_lines', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function set(Membership $membership, PlayFamily $family, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $address = $this->addresses->read($membership->team, $request);
        try {
            $lines = OutLines::of(self::share($request, 'sure'), self::share($request, 'chance'));
            $this->edits->tell(
                $membership,
                PlanEdit::of(
                    'How sure an out must be',
                    $request->request->getString('seen'),
                    static fn(PlanBook $book): mixed => $book->lines,
                    static fn(PlanBook $book): PlanBook => $book->withLines($lines),
                ),
            );
        } catch (Problem $problem) {
            $this->edits->refuse($problem);
        }
        $back = [
            'team' => $membership->team->address(),
            ...$address->with([]),
        ];

        return $this->redirectToRoute('coverages', $back, Response::HTTP_SEE_OTHER);
    }

    /** @throws Problem */
    private static function share(Request $request, string $name): float
    {
        return TypedNumber::read(
            str_replace('%', '', $request->request->getString($name)),
            'sure' === $name ? 'sure from' : 'a chance from',
            'a number of per cent, as in 80',
        ) / 100;
    }
}
