<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Need;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Undo\Undo;
use FoxCorner\App\Undo\Watched;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Practice\Floor\FloorTable;
use FoxCorner\Core\Practice\Floor\Work;
use FoxCorner\Core\Problem\Problem;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** What a week of practices is to give each player: the age's table, and the coach's own figures in it. */
final class FloorsPage extends AbstractController
{
    public function __construct(private readonly Undo $undo) {}

    #[Route('/{team}/practice/floors', name: 'floors', methods: ['GET'], priority: 1)]
    public function show(Membership $membership): Response
    {
        return $this->page($membership->team->floors(), [], []);
    }

    #[Route('/{team}/practice/floors', name: 'ask_floors', methods: ['POST'], priority: 1)]
    #[IsCsrfTokenValid('change')]
    public function ask(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $team = $membership->team;
        $floors = $team->floors();
        $typed = $request->request->getBoolean('usual') ? [] : self::typed($request);
        $problems = [];
        foreach (Position::cases() as $position) {
            foreach (array_keys($floors->usual($position)) as $work) {
                $said = $typed[$position->value][$work] ?? '';
                try {
                    $usual = (string) ceil($floors->usual($position)[$work]);
                    $floors = $floors->with($position, Work::from($work), $said === $usual ? '' : $said);
                } catch (Problem $problem) {
                    $problems[$position->value][$work] = $problem;
                }
            }
        }
        if ([] !== $problems) {
            return $this->page($floors, $typed, $problems);
        }
        $step = $this->undo->record(
            $team,
            $membership->account,
            'Floors of a week changed',
            [Watched::row('team', $team->id())],
            static fn() => $team->askFloors($floors),
        );
        $this->addFlash('done', 'Kept. Every practice that is solved from now on asks for them.');
        null === $step ? null : $this->addFlash('undo', $step->id()->toRfc4122());

        return $this->redirectToRoute('floors', ['team' => $team->address()], Response::HTTP_SEE_OTHER);
    }

    /**
     * @param array<int, array<string, string>>  $typed
     * @param array<int, array<string, Problem>> $problems by position and work
     */
    private function page(FloorTable $floors, array $typed, array $problems): Response
    {
        $works = [];
        foreach (Position::cases() as $position) {
            $works += $floors->usual($position);
        }

        return $this->render(
            'needs/floors.html.twig',
            [
                'positions' => Position::cases(),
                'works' => array_filter(Work::cases(), static fn(Work $work): bool => isset($works[$work->value])),
                'floors' => $floors,
                'typed' => $typed,
                'problems' => $problems,
            ],
            new Response(status: [] === $problems ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }

    /** @return array<int, array<string, string>> by position and work */
    private static function typed(Request $request): array
    {
        $typed = [];
        foreach ($request->request->all('floor') as $position => $works) {
            foreach (\is_array($works) ? $works : [] as $work => $said) {
                if (\is_string($said)) {
                    $typed[(int) $position][(string) $work] = $said;
                }
            }
        }

        return $typed;
    }
}
