<?php

declare(strict_types=1);

namespace FoxCorner\App\Rules;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\ChangedMeanwhile;
use FoxCorner\App\Plan\Codec\Fingerprint;
use FoxCorner\App\Plan\PlanDrafts;
use FoxCorner\App\Plan\PlanEdit;
use FoxCorner\App\Plan\PlanEdits;
use FoxCorner\App\Shared\ProblemOnForm;
use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Alignment\Rule\AlignmentRule;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Problem\Meanwhile;
use FoxCorner\Core\Problem\Problem;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** Adds a rule, or changes one. */
final class EditRule extends AbstractController
{
    /** The form's fields by the core's names, where they differ. */
    private const FIELDS = [
        'last innings' => 'lastInnings',
        'score' => 'leadTo',
        'steps toward the pull side' => 'towardPull',
        'steps of the outfield toward the pull side' => 'outfieldTowardPull',
    ];

    public function __construct(private readonly PlanDrafts $drafts, private readonly PlanEdits $edits) {}

    #[Route('/{team}/situations/rules/new', name: 'new_rule', methods: ['GET', 'POST'], priority: 1)]
    public function add(Membership $membership, Request $request): Response
    {
        return $this->edit($membership, $this->drafts->of($membership->team), null, $request);
    }

    #[Route('/{team}/situations/rules/{rule}', name: 'edit_rule', methods: ['GET', 'POST'])]
    public function change(Membership $membership, string $rule, Request $request): Response
    {
        $book = $this->drafts->of($membership->team);

        return $this->edit($membership, $book, $book->rule($rule) ?? throw $this->createNotFoundException(), $request);
    }

    /** What the rule as it is typed would change. */
    #[Route('/{team}/situations/rules/{rule}/preview', name: 'preview_rule', methods: ['GET'])]
    public function preview(Membership $membership, string $rule, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $book = $this->drafts->of($membership->team);
        $form = $this->form($book, new RuleDraft(), [
            'method' => 'GET',
            'csrf_protection' => false,
            'allow_extra_fields' => true,
        ]);
        $typed = $request->query->all()['rule_form'] ?? [];
        $form->submit(\is_array($typed) ? $typed : []);
        $preview = $problem = null;
        try {
            $preview = $form->isValid()
                ? RulePreview::of($form->getData()->toRule($rule), $membership->team->rules(), $book)
                : null;
        } catch (Problem $wrong) {
            $problem = $wrong;
        }

        return $this->render('rules/preview.html.twig', ['preview' => $preview, 'problem' => $problem]);
    }

    /**
     * @param array<string, mixed> $options
     *
     * @return FormInterface<RuleDraft>
     */
    private function form(PlanBook $book, RuleDraft $draft, array $options = []): FormInterface
    {
        return $this->createForm(RuleForm::class, $draft, [
            'word' => static fn(NamedDepth $depth): string => $book->depths->word($depth),
            ...$options,
        ]);
    }

    private function edit(Membership $membership, PlanBook $book, ?AlignmentRule $rule, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $form = $this->form($book, null === $rule ? new RuleDraft() : RuleDraft::of($rule, Fingerprint::of($rule)));
        $form->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid() && $this->write($membership, $form, $rule)) {
            return $this->redirectToRoute('rules', ['team' => $membership->team->address()], Response::HTTP_SEE_OTHER);
        }

        return $this->render('rules/edit.html.twig', ['form' => $form, 'rule' => $rule]);
    }

    /** @param FormInterface<RuleDraft> $form */
    private function write(Membership $membership, FormInterface $form, ?AlignmentRule $rule): bool
    {
        $draft = $form->getData();
        try {
            $changed = $draft->toRule($rule->id ?? Uuid::v7()->toRfc4122());
            $change = static fn(PlanBook $book): PlanBook => $book->withRule($changed);
            $this->edits->make(
                $membership,
                null === $rule
                    ? PlanEdit::whatever($changed->name . ' added', $change)
                    : PlanEdit::of(
                        $changed->name . ' changed',
                        $draft->seen ?? '',
                        static fn(PlanBook $book): mixed => $book->rule($changed->id),
                        $change,
                    ),
            );
        } catch (Problem $problem) {
            ProblemOnForm::show($form, $problem, self::FIELDS);

            return false;
        } catch (ChangedMeanwhile) {
            ProblemOnForm::show($form, Meanwhile::changedUnder('rule'));

            return false;
        }
        $this->addFlash('done', $changed->name . ' is saved.');

        return true;
    }
}
