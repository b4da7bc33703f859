<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\Player;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\ProblemOnForm;
use FoxCorner\App\Undo\OffersUndo;
use FoxCorner\App\Undo\Undo;
use FoxCorner\App\Undo\Watched;
use FoxCorner\Core\People\Quantity;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Problem\Meanwhile;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Adds, changes and removes a player. */
final class EditPlayer extends AbstractController
{
    use OffersUndo;

    public function __construct(
        private readonly PlayerRepository $players,
        private readonly EntityManagerInterface $entities,
        private readonly Undo $undo,
    ) {}

    #[Route('/{team}/team/player/new', name: 'add_player', methods: ['GET', 'POST'], priority: 1)]
    public function add(Membership $membership, Request $request): Response
    {
        return $this->edit($membership, null, $request);
    }

    #[Route('/{team}/team/player/{player}', name: 'edit_player', methods: ['GET', 'POST'])]
    public function change(Membership $membership, string $player, Request $request): Response
    {
        return $this->edit(
            $membership,
            $this->players->inTeam($membership->team, $player) ?? throw $this->createNotFoundException(),
            $request,
        );
    }

    #[Route('/{team}/team/player/{player}/remove', name: 'remove_player', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function remove(Membership $membership, string $player): Response
    {
        $membership->mustBeHeadCoach();
        $team = $membership->team;
        $found = $this->players->inTeam($team, $player) ?? throw $this->createNotFoundException();
        $words = $found->asRosterPlayer()->name . ' is off the roster';
        $step = $this->undo->record(
            $team,
            $membership->account,
            $words,
            [
                Watched::row('player', $found->id()),
                Watched::rowsOf('reading', 'player_id', $found->id()),
                Watched::rowsOf('membership', 'team_id', $team->id()),
            ],
            fn() => $this->entities->remove($found),
        );
        $this->doneOrUndone($words . '.', $step);

        return $this->redirectToRoute('team', ['team' => $membership->team->address()], Response::HTTP_SEE_OTHER);
    }

    private function edit(Membership $membership, ?Player $player, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $form = $this->createForm(PlayerForm::class, null === $player ? new PlayerDraft() : PlayerDraft::of($player));
        $form->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            $known = $this->read($form, $membership->team, $player);
            if (null !== $known) {
                null === $player
                    ? $this->entities->persist(new Player($membership->team, $known))
                    : $player->change($known);
                $this->entities->flush();
                $this->addFlash('done', $known->name . ' is saved.');

                return $this->redirectToRoute(
                    'team',
                    ['team' => $membership->team->address()],
                    Response::HTTP_SEE_OTHER,
                );
            }
        }

        return $this->render('team/player.html.twig', [
            'form' => $form,
            'player' => $player?->asRosterPlayer(),
            'level' => $membership->team->level()->profile(),
            'rules' => $membership->team->rules(),
        ]);
    }

    /** @param FormInterface<PlayerDraft> $form */
    private function read(FormInterface $form, Team $team, ?Player $player): ?RosterPlayer
    {
        $draft = $form->getData();
        if (null !== $player && $draft->version !== $player->version()) {
            ProblemOnForm::show($form, Meanwhile::changedUnder('player'));

            return null;
        }
        $others = array_filter($this->players->of($team), static fn(Player $other): bool => $other !== $player);
        try {
            if (null === $player && \count($others) >= Team::MOST_PLAYERS) {
                throw Refused::because(
                    'player',
                    \sprintf('%d are on the roster', \count($others)),
                    \sprintf('at most %d', Team::MOST_PLAYERS),
                );
            }

            return $draft->toRosterPlayer(
                $player?->id(),
                array_map(static fn(Player $other): string => $other->asRosterPlayer()->number, array_values($others)),
            );
        } catch (Problem $problem) {
            ProblemOnForm::show($form, $problem, self::fields());

            return null;
        }
    }

    /** @return array<string, string> the form's fields by the core's names, where they differ */
    private static function fields(): array
    {
        $fields = ['limit until' => 'limitUntil'];
        foreach (Quantity::cases() as $quantity) {
            $fields[$quantity->field()] = $quantity->stored();
        }

        return $fields;
    }
}
