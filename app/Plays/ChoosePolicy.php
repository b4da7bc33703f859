<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\Address\SituationAddresses;
use FoxCorner\App\Plan\PlanEdit;
use FoxCorner\App\Plan\PlanEdits;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Choice\OutPolicy;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Problem\Unknown;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Says beforehand which out is wanted in a situation. */
final class ChoosePolicy extends AbstractController
{
    public function __construct(private readonly SituationAddresses $addresses, private readonly PlanEdits $edits) {}

    #[Route('/{team}/situations/{situation}/{view}/policy', name: 'choose_policy', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function choose(Membership $membership, PlayFamily $family, Request $request): Response
    {
        $address = $this->addresses->read($membership->team, $request);
        $wanted = $request->request->getString('policy');
        $policy = Unknown::oneOf(OutPolicy::class, $wanted, 'policy');
        $this->edits->tell(
            $membership,
            PlanEdit::of(
                \sprintf('%s, %s', $policy->label(), lcfirst($address->situation->label())),
                $request->request->getString('seen'),
                static fn(PlanBook $book): mixed => $book->plays($family->key())->policy($address->situation, $family)
                    ->value,
                static fn(PlanBook $book): PlanBook => $book->withPlays(
                    $family->key(),
                    $book->plays($family->key())->withPolicy($address->situation, $policy),
                ),
            ),
        );
        $back = [
            'team' => $membership->team->address(),
            ...$address->with([]),
        ];

        return $this->redirectToRoute('coverages', $back, Response::HTTP_SEE_OTHER);
    }
}
