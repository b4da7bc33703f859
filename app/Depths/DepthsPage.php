<?php

declare(strict_types=1);

namespace FoxCorner\App\Depths;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\ChangedMeanwhile;
use FoxCorner\App\Plan\Codec\Fingerprint;
use FoxCorner\App\Plan\PlanDrafts;
use FoxCorner\App\Plan\PlanEdit;
use FoxCorner\App\Plan\PlanEdits;
use FoxCorner\App\Shared\Drawing\FieldDrawing;
use FoxCorner\App\Shared\Drawing\Window;
use FoxCorner\App\Shared\Taste\Taste;
use FoxCorner\App\Shared\Taste\Units;
use FoxCorner\Core\Alignment\Depth\DepthTable;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Problem\Meanwhile;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Unknown;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\InputBag;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Where each named depth is, what it is called, and the sign for it; drawn while it is edited. */
final class DepthsPage extends AbstractController
{
    public function __construct(
        private readonly PlanDrafts $drafts,
        private readonly PlanEdits $edits,
        private readonly Taste $taste,
    ) {}

    #[Route('/{team}/situations/depths', name: 'depths', methods: ['GET'])]
    public function show(Membership $membership, Request $request): Response
    {
        $table = $this->drafts->of($membership->team)->depths;

        return $this->page(
            $membership,
            $table,
            DepthsDraft::of($table, $membership->team->rules(), $this->unit($request->query)),
            Fingerprint::of($table),
            null,
        );
    }

    /** The depths as the form has them at this moment, drawn. */
    #[Route('/{team}/situations/depths/drawing', name: 'draw_depths', methods: ['GET'])]
    public function draw(Membership $membership, Request $request): Response
    {
        $rules = $membership->team->rules();
        $table = $this->typed($request->query)->table($this->drafts->of($membership->team)->depths, $rules);

        return $this->render('depths/drawing.html.twig', [
            'spots' => DrawnDepth::all($table, $rules),
            'drawing' => new FieldDrawing($rules, Window::infield($rules)),
            'table' => $table,
        ]);
    }

    #[Route('/{team}/situations/depths', name: 'save_depths', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function save(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $rules = $membership->team->rules();
        $old = $this->drafts->of($membership->team)->depths;
        if ($request->request->getBoolean('shipped')) {
            return $this->write($membership, $request, DepthTable::shipped($rules), 'Depths as shipped');
        }
        $draft = $this->typed($request->request)->checked($old, $rules);
        if ([] !== $draft->problems) {
            return $this->page($membership, $old, $draft, $request->request->getString('seen'), null);
        }

        return $this->write($membership, $request, $draft->table($old, $rules), 'Depths changed', $draft);
    }

    private function write(
        Membership $membership,
        Request $request,
        DepthTable $table,
        string $words,
        ?DepthsDraft $typed = null,
    ): Response {
        try {
            $this->edits->make(
                $membership,
                PlanEdit::of(
                    $words,
                    $request->request->getString('seen'),
                    static fn(PlanBook $book): mixed => $book->depths,
                    static fn(PlanBook $book): PlanBook => $book->withDepths($table),
                ),
            );
        } catch (ChangedMeanwhile) {
            $problem = Meanwhile::changedUnder('depths');

            return $this->page(
                $membership,
                $table,
                $typed ?? DepthsDraft::of($table, $membership->team->rules(), $this->usual()),
                $request->request->getString('seen'),
                $problem,
            );
        }
        $this->addFlash('done', $words . '. Every spot was measured again.');

        return $this->redirectToRoute(
            'depths',
            ['team' => $membership->team->address(), 'unit' => $this->unit($request->request)],
            Response::HTTP_SEE_OTHER,
        );
    }

    private function page(
        Membership $membership,
        DepthTable $table,
        DepthsDraft $draft,
        string $seen,
        ?Problem $problem,
    ): Response {
        $rules = $membership->team->rules();

        return $this->render(
            'depths/show.html.twig',
            [
                'draft' => $draft,
                'seen' => $seen,
                'problem' => $problem,
                'table' => $table,
                'spots' => DrawnDepth::all($table, $rules),
                'drawing' => new FieldDrawing($rules, Window::infield($rules)),
                'isShipped' => Fingerprint::of($table) === Fingerprint::of(DepthTable::shipped($rules)),
            ],
            new Response(
                status: null === $problem && [] === $draft->problems
                    ? Response::HTTP_OK
                    : Response::HTTP_UNPROCESSABLE_ENTITY,
            ),
        );
    }

    /** @param InputBag<bool|float|int|string>|InputBag<string> $input */
    private function typed(InputBag $input): DepthsDraft
    {
        $cells = [];
        foreach ($input->all() as $name => $value) {
            if (\is_string($value)) {
                $cells[$name] = $value;
            }
        }

        return DepthsDraft::typed($cells, $this->unit($input));
    }

    private function usual(): string
    {
        return Units::Metric === $this->taste->units() ? 'metres' : 'feet';
    }

    /** @param InputBag<bool|float|int|string>|InputBag<string> $input */
    private function unit(InputBag $input): string
    {
        $unit = $input->getString('unit', $this->usual());

        return \in_array($unit, DepthsDraft::UNITS, true)
            ? $unit
            : throw Unknown::notOneOf('unit', $unit, DepthsDraft::UNITS);
    }
}
