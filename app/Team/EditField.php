<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Shared\Drawing\FieldDrawing;
use FoxCorner\App\Shared\ProblemOnForm;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Problem\Meanwhile;
use FoxCorner\Core\Problem\Problem;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The rules a team plays by and the measures of its field. */
final class EditField extends AbstractController
{
    /** The form's fields by the core's names. */
    private const FIELDS = [
        'rule set' => 'ruleSet',
        'base path' => 'basePath',
        'pitching distance' => 'pitchingDistance',
        'fence at left' => 'left',
        'fence at left center' => 'leftCenter',
        'fence at center' => 'center',
        'fence at right center' => 'rightCenter',
        'fence at right' => 'right',
        'skin radius' => 'skinRadius',
        'innings' => 'innings',
    ];

    public function __construct(private readonly EntityManagerInterface $entities) {}

    #[Route('/{team}/team/ballpark', name: 'edit_field', methods: ['GET', 'POST'])]
    public function edit(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $set = $request->isMethod('GET') ? $this->chosenSet($request) : '';
        $form = $this->createForm(
            FieldForm::class,
            '' === $set
                ? FieldDraft::of($membership->team)
                : FieldDraft::from(
                    ShippedRuleSets::get($set),
                    $membership->team->level(),
                    $membership->team->version(),
                ),
            ['refill' => $this->generateUrl('edit_field', ['team' => $membership->team->address()])],
        );
        $form->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            $draft = $form->getData();
            try {
                if ($draft->version !== $membership->team->version()) {
                    throw Meanwhile::changedUnder('field');
                }
                $membership->team->playBy($draft->toRuleSet(), $draft->level, $draft->reactionCaution());
                $membership->team->fieldIsSaved();
                $this->entities->flush();
                $this->addFlash('done', 'The field is saved. Every spot was measured again.');

                return $this->redirectToRoute(
                    'team',
                    ['team' => $membership->team->address()],
                    Response::HTTP_SEE_OTHER,
                );
            } catch (Problem $problem) {
                ProblemOnForm::show($form, $problem, self::FIELDS);
            }
        }

        return $this->render('team/field.html.twig', [
            'form' => $form,
            'drawing' => FieldDrawing::whole($membership->team->rules()),
        ]);
    }

    /** Another rule set fills the form with its values, before anything is saved. */
    private function chosenSet(Request $request): string
    {
        $set = $request->query->all('field_form')['ruleSet'] ?? '';

        return \is_string($set) ? $set : '';
    }

    /** The field as the form has it at this moment, drawn. */
    #[Route('/{team}/team/ballpark/drawing', name: 'draw_field', methods: ['GET'], priority: 1)]
    public function draw(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $form = $this->createForm(FieldForm::class, FieldDraft::of($membership->team), [
            'method' => 'GET',
            'csrf_protection' => false,
        ]);
        $form->submit($request->query->all('field_form'));
        try {
            $drawing = FieldDrawing::whole($form->getData()->toRuleSet());
        } catch (Problem $problem) {
            return $this->render('team/field_drawing.html.twig', ['problem' => $problem, 'drawing' => null]);
        }

        return $this->render('team/field_drawing.html.twig', ['problem' => null, 'drawing' => $drawing]);
    }
}
