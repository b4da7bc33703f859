<?php

declare(strict_types=1);

namespace FoxCorner\App\Sharing;

use FoxCorner\App\Access\Secret;
use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Plan\ReadPlan;
use FoxCorner\App\Practice\Sheet\SheetCodec;
use FoxCorner\App\Shared\Drawing\FieldDrawing;
use FoxCorner\App\Shared\Drawing\Window;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\People\NoLineup;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Runs\RunChain;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What a shared link shows: read-only, nothing measured, names only where the coach allows them. */
final class ReadShared extends AbstractController
{
    public function __construct(
        private readonly SharedThings $things,
        private readonly PlanReader $plans,
        private readonly PlayerRepository $players,
        private readonly SheetCodec $codec,
    ) {}

    #[Route('/share/{secret}', name: 'read_shared', methods: ['GET'], requirements: ['secret' => Secret::PATTERN])]
    public function read(string $secret): Response
    {
        $link = $this->things->link($secret);
        $shown = null === $link ? null : $this->shown($link);
        if (null === $link || null === $shown) {
            return $this->render('sharing/over.html.twig', [], new Response(status: Response::HTTP_GONE));
        }

        return $this->render("sharing/{$link->kind->value}.html.twig", ['link' => $link] + $shown);
    }

    /** @return array<string, mixed>|null null where it is not there any more */
    private function shown(SharedLink $link): ?array
    {
        try {
            return match ($link->kind) {
                SharedKind::Situation => $this->situation($link),
                SharedKind::Board => ['board' => $this->plans->basis($link->team, Context::ordinary())->board()],
                SharedKind::Sheet => $this->sheet($link),
                SharedKind::Player => $this->player($link),
            };
        } catch (NoLineup) {
            return null;
        }
    }

    /** @return array<string, mixed> */
    private function situation(SharedLink $link): array
    {
        $read = $this->plans->read($link->team, $this->things->situation($link), Context::ordinary());

        return [
            'read' => $read,
            'plays' => $this->plans->plays($read),
            'drawing' => new FieldDrawing($link->team->rules(), Window::wholeField($link->team->rules())),
            'positions' => Position::cases(),
        ];
    }

    /** @return array<string, mixed>|null */
    private function sheet(SharedLink $link): ?array
    {
        $practice = $this->things->practice($link);

        return null === $practice ? null : ['practice' => $practice, 'sheet' => $this->codec->read($practice)];
    }

    /** @return array<string, mixed>|null */
    private function player(SharedLink $link): ?array
    {
        $mine = array_filter(
            $this->players->rosterOf($link->team),
            static fn(RosterPlayer $player): bool => $player->id === $link->of,
        );
        $player = [] === $mine ? null : current($mine);
        $reads = $this->plans->plans($link->team, RunChain::situations(), Context::ordinary());

        return null === $player
            ? null
            : [
                'player' => $player,
                'lines' => array_map(fn(ReadPlan $read): array => $this->line($read, $player), $reads),
            ];
    }

    /** @return array{string, string, string, list<string>} situation, position, where he stands, and what he does */
    private function line(ReadPlan $read, RosterPlayer $player): array
    {
        $situation = $read->plan->state->situation->label();
        foreach (Position::cases() as $position) {
            if ($read->plan->lineup->at($position)->id === $player->id) {
                return [
                    $situation,
                    (string) $position->value,
                    $read->plan->alignment->word($read->plan->alignment->spot($position)->depth),
                    PlayerJobs::of($this->plans->plays($read), $position),
                ];
            }
        }

        return [$situation, '', 'not in today’s nine', []];
    }
}
