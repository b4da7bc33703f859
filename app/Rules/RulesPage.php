<?php

declare(strict_types=1);

namespace FoxCorner\App\Rules;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Known\KnownFigures;
use FoxCorner\App\Plan\ChangedMeanwhile;
use FoxCorner\App\Plan\Codec\Fingerprint;
use FoxCorner\App\Plan\PlanDrafts;
use FoxCorner\App\Plan\PlanEdit;
use FoxCorner\App\Plan\PlanEdits;
use FoxCorner\Core\Alignment\Rule\AlignmentRule;
use FoxCorner\Core\Alignment\Rule\ShippedRules;
use FoxCorner\Core\Plan\PlanBook;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** The rules in order: what each says, and on, off, earlier, later, gone. */
final class RulesPage extends AbstractController
{
    public function __construct(
        private readonly PlanDrafts $drafts,
        private readonly PlanEdits $edits,
        private readonly RuleEffects $effects,
        private readonly KnownFigures $known,
    ) {}

    #[Route('/{team}/situations/rules', name: 'rules', methods: ['GET'])]
    public function show(Membership $membership): Response
    {
        $book = $this->drafts->of($membership->team);

        return $this->render('rules/list.html.twig', [
            'book' => $book,
            'effects' => $this->effects->of($membership->team->rules(), $book),
            'guarded' => $this->known->linesGuarded($membership->team->level()),
            'isShipped' => Fingerprint::of($book->rules) === Fingerprint::of(ShippedRules::all()),
        ]);
    }

    #[Route('/{team}/situations/rules/{rule}/turn', name: 'turn_rule', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function turn(Membership $membership, string $rule, Request $request): Response
    {
        return $this->change(
            $membership,
            $rule,
            $request,
            static fn(AlignmentRule $found, PlanBook $book): array => [
                $found->name . ($found->isOn ? ' off' : ' on'),
                $book->withRule($found->switched(!$found->isOn)),
            ],
        );
    }

    #[Route('/{team}/situations/rules/{rule}/move', name: 'move_rule', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function move(Membership $membership, string $rule, Request $request): Response
    {
        $by = $request->request->getInt('by') < 0 ? -1 : 1;

        return $this->change(
            $membership,
            $rule,
            $request,
            static fn(AlignmentRule $found, PlanBook $book): array => [
                $found->name . ($by < 0 ? ' earlier' : ' later'),
                $book->withRuleMoved($found->id, $by),
            ],
        );
    }

    #[Route('/{team}/situations/rules/{rule}/remove', name: 'remove_rule', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function remove(Membership $membership, string $rule, Request $request): Response
    {
        return $this->change(
            $membership,
            $rule,
            $request,
            static fn(AlignmentRule $found, PlanBook $book): array => [
                $found->name . ' taken out',
                $book->withoutRule($found->id),
            ],
        );
    }

    #[Route('/{team}/situations/rules', name: 'reset_rules', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function reset(Membership $membership): Response
    {
        $this->edits->tell(
            $membership,
            PlanEdit::whatever(
                'Rules as shipped',
                static fn(PlanBook $book): PlanBook => $book->withRules(ShippedRules::all()),
            ),
            'The rules are as shipped again.',
        );

        return $this->redirectToRoute('rules', ['team' => $membership->team->address()], Response::HTTP_SEE_OTHER);
    }

    /** @param \Closure(AlignmentRule, PlanBook): array{string, PlanBook} $change */
    private function change(Membership $membership, string $id, Request $request, \Closure $change): Response
    {
        $membership->mustBeAbleToChange();
        $book = $this->drafts->of($membership->team);
        [$words] = $change($book->rule($id) ?? throw $this->createNotFoundException(), $book);
        $this->edits->tell(
            $membership,
            PlanEdit::of(
                $words,
                $request->request->getString('seen'),
                static fn(PlanBook $book): mixed => $book->rule($id),
                static fn(PlanBook $book): PlanBook => $change(
                    $book->rule($id) ?? throw ChangedMeanwhile::of(null),
                    $book,
                )[1],
            ),
        );

        return $this->redirectToRoute(
            'rules',
            ['team' => $membership->team->address(), '_fragment' => 'rule-' . $id],
            Response::HTTP_SEE_OTHER,
        );
    }
}
