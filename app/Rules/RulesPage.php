<?php

declare(strict_types=1);

namespace FoxCorner\App\Rules;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\ChangedMeanwhile;
use FoxCorner\App\Plan\Fingerprint;
use FoxCorner\App\Plan\PlanDrafts;
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
    public function __construct(private readonly PlanDrafts $drafts, private readonly RuleEffects $effects)
    {
    }

    #[Route('/{team}/situations/rules', name: 'rules', methods: ['GET'])]
    public function show(Membership $membership): Response
    {
        $book = $this->drafts->of($membership->team);

        return $this->render('rules/list.html.twig', [
            'book' => $book,
            'effects' => $this->effects->of($membership->team->rules(), $book),
            'isShipped' => Fingerprint::of($book->rules) === Fingerprint::of(ShippedRules::all()),
        ]);
    }

    #[Route('/{team}/situations/rules/{rule}/turn', name: 'turn_rule', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function turn(Membership $membership, string $rule, Request $request): Response
    {
        return $this->change($membership, $rule, $request, static fn(AlignmentRule $found, PlanBook $book): array => [
            $found->name.($found->isOn ? ' off' : ' on'), $book->withRule($found->switched(!$found->isOn)),
        ]);
    }

    #[Route('/{team}/situations/rules/{rule}/move', name: 'move_rule', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function move(Membership $membership, string $rule, Request $request): Response
    {
        $by = $request->request->getInt('by') < 0 ? -1 : 1;

        return $this->change($membership, $rule, $request, static fn(AlignmentRule $found, PlanBook $book): array => [$found->name.($by < 0 ? ' earlier' : ' later'), $book->withRuleMoved($found->id, $by)]);
    }

    #[Route('/{team}/situations/rules/{rule}/remove', name: 'remove_rule', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function remove(Membership $membership, string $rule, Request $request): Response
    {
        return $this->change($membership, $rule, $request, static fn(AlignmentRule $found, PlanBook $book): array => [$found->name.' taken out', $book->withoutRule($found->id)]);
    }

    #[Route('/{team}/situations/rules', name: 'reset_rules', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function reset(Membership $membership): Response
    {
        $membership->mustBeAbleToChange();
        $this->drafts->change($membership, 'Rules as shipped', static fn(PlanBook $book): PlanBook => $book->withRules(ShippedRules::all()));
        $this->addFlash('done', 'The rules are as shipped again.');

        return $this->redirectToRoute('rules', ['team' => $membership->team->id()], Response::HTTP_SEE_OTHER);
    }

    /** @param callable(AlignmentRule, PlanBook): array{string, PlanBook} $change */
    private function change(Membership $membership, string $id, Request $request, callable $change): Response
    {
        $membership->mustBeAbleToChange();
        $now = $this->drafts->of($membership->team)->rule($id) ?? throw $this->createNotFoundException();
        [$words] = $change($now, $this->drafts->of($membership->team));
        try {
            $this->drafts->change($membership, $words, static function (PlanBook $book) use ($id, $request, $change): PlanBook {
                $found = $book->rule($id);
                if (null === $found || Fingerprint::of($found) !== $request->request->getString('seen')) {
                    throw ChangedMeanwhile::by(null);
                }

                return $change($found, $book)[1];
            });
        } catch (ChangedMeanwhile $problem) {
            $this->addFlash('problem', $problem->getMessage());
        }

        return $this->redirectToRoute('rules', ['team' => $membership->team->id(), '_fragment' => 'rule-'.$id], Response::HTTP_SEE_OTHER);
    }
}
