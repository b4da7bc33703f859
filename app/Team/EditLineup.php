<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Lineup\LineupReader;
use FoxCorner\App\Lineup\TodaysLineup;
use FoxCorner\App\Plan\PlanDrafts;
use FoxCorner\App\Shared\Drawing\FieldDrawing;
use FoxCorner\Core\Alignment\Alignment;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Game\GameState;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\People\Lineup;
use FoxCorner\Core\People\LineupCheck;
use FoxCorner\Core\People\NoLineup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Problem\Meanwhile;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Who plays where today. */
final class EditLineup extends AbstractController
{
    public function __construct(
        private readonly PlayerRepository $players,
        private readonly LineupReader $lineups,
        private readonly PlanDrafts $drafts,
        private readonly EntityManagerInterface $entities,
    ) {}

    #[Route('/{team}/team/lineup', name: 'lineup', methods: ['GET'])]
    public function show(Membership $membership): Response
    {
        return $this->page($membership, $this->lineups->stored($membership->team)?->wanted() ?? [], null);
    }

    #[Route('/{team}/team/lineup', name: 'save_lineup', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function save(Membership $membership, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $stored = $this->lineups->stored($membership->team);
        $wanted = $this->wanted($request);
        try {
            if ((string) ($stored?->version() ?? 0) !== $request->request->getString('seen')) {
                throw Meanwhile::changedUnder('lineup');
            }
            $this->check($wanted, $this->players->rosterOf($membership->team));
        } catch (Problem $problem) {
            return $this->page($membership, $wanted, $problem);
        }
        null === $stored
            ? $this->entities->persist(new TodaysLineup($membership->team, $wanted))
            : $stored->want($wanted);
        $this->entities->flush();
        $this->addFlash(
            'done',
            [] === $wanted
                ? 'The roster decides who plays where.'
                : 'Today’s lineup is saved. Every spot was measured again.',
        );

        return $this->redirectToRoute('lineup', ['team' => $membership->team->address()], Response::HTTP_SEE_OTHER);
    }

    /** @return array<int, string> players' ids by position number; nobody picked is left out */
    private function wanted(Request $request): array
    {
        $wanted = [];
        foreach ($request->request->getBoolean('clear') ? [] : Position::cases() as $position) {
            $id = $request->request->getString('at_' . $position->value);
            if ('' !== $id) {
                $wanted[$position->value] = $id;
            }
        }

        return $wanted;
    }

    /**
     * @param array<int, string> $wanted
     * @param list<RosterPlayer> $roster
     *
     * @throws Problem
     */
    private function check(array $wanted, array $roster): void
    {
        $names = array_column(
            array_map(static fn(RosterPlayer $player): array => [$player->id, $player->name], $roster),
            1,
            0,
        );
        foreach ($wanted as $number => $id) {
            if (!isset($names[$id])) {
                throw Refused::because(
                    'position ' . $number,
                    'nobody on the roster is meant',
                    'a player of the roster',
                );
            }
            $others = array_keys($wanted, $id, true);
            if (\count($others) > 1) {
                throw Refused::because(
                    'position ' . $others[1],
                    \sprintf('%s plays %s', $names[$id], implode(' and ', $others)),
                    'one place for each player',
                );
            }
        }
        Lineup::choose($roster, $wanted);
    }

    /** Where they stand with nobody on, for the drawing. */
    private function standing(Team $team): Alignment
    {
        $book = $this->drafts->of($team);

        return Alignment::byRules(
            GameState::of($team->rules(), Situation::fromKey('none-2'), Context::ordinary()),
            $book->depths,
            $book->rules,
        );
    }

    /** @param array<int, string> $wanted */
    private function page(Membership $membership, array $wanted, ?Problem $problem): Response
    {
        $roster = $this->players->rosterOf($membership->team);
        $rules = $membership->team->rules();
        try {
            $lineup = Lineup::choose($roster, null === $problem ? $wanted : []);
        } catch (NoLineup $noNine) {
            return $this->render('team/lineup.html.twig', [
                'roster' => $roster,
                'lineup' => null,
                'wanted' => $wanted,
                'problem' => $problem ?? $noNine,
                'checks' => [],
                'rules' => $rules,
                'seen' => 0,
                'drawing' => FieldDrawing::whole($rules),
            ]);
        }

        return $this->render(
            'team/lineup.html.twig',
            [
                'roster' => $roster,
                'lineup' => $lineup,
                'wanted' => $wanted,
                'problem' => $problem,
                'checks' => LineupCheck::of($lineup),
                'rules' => $rules,
                'alignment' => $this->standing($membership->team),
                'seen' => $this->lineups->stored($membership->team)?->version() ?? 0,
                'drawing' => FieldDrawing::whole($rules),
            ],
            new Response(status: null === $problem ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }
}
