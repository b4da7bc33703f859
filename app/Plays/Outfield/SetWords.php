<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Outfield;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\Address\SituationAddresses;
use FoxCorner\App\Plan\PlanEdit;
use FoxCorner\App\Plan\PlanEdits;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Clock\Vocabulary;
use FoxCorner\Core\Play\Clock\VoiceWord;
use FoxCorner\Core\Problem\Problem;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** A team's own words on the field. */
final class SetWords extends AbstractController
{
    public function __construct(private readonly SituationAddresses $addresses, private readonly PlanEdits $edits) {}

    #[
        Route(
            '/{team}/situations/{situation}/outfield/words',
            name: 'set_words',
            defaults: ['view' => 'outfield'],
            methods: ['POST'],
        ),
    ]
    #[IsCsrfTokenValid('change')]
    public function set(Membership $membership, Request $request): Response
    {
        $address = $this->addresses->read($membership->team, $request);
        try {
            $words = Vocabulary::of(self::typed($request));
            $this->edits->tell(
                $membership,
                PlanEdit::of(
                    'Words on the field',
                    $request->request->getString('seen'),
                    static fn(PlanBook $book): mixed => $book->words,
                    static fn(PlanBook $book): PlanBook => $book->withWords($words),
                ),
            );
        } catch (Problem $problem) {
            $this->edits->refuse($problem);
        }

        return $this->redirectToRoute(
            'plays',
            [
                'team' => $membership->team->address(),
                ...$address->with([]),
            ],
            Response::HTTP_SEE_OTHER,
        );
    }

    /** @return array<string, string> */
    private static function typed(Request $request): array
    {
        $typed = [];
        foreach (VoiceWord::cases() as $word) {
            $typed[$word->value] = $request->request->getString('word_' . str_replace('-', '_', $word->value));
        }

        return $typed;
    }
}
