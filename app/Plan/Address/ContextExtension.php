<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan\Address;

use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Opponents\OpponentRepository;
use FoxCorner\App\Shared\Address\Carried;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

/** Whom the control of the situation offers: opponents' batters and our pitchers. */
final class ContextExtension extends AbstractExtension
{
    public function __construct(
        private readonly OpponentRepository $opponents,
        private readonly PlayerRepository $players,
        private readonly Carried $carried,
    ) {}

    public function getFunctions(): array
    {
        return [
            new TwigFunction('batters_of', $this->opponents->choices(...)),
            new TwigFunction('pitchers_of', $this->pitchers(...)),
            new TwigFunction('carried_context', $this->carried->context(...)),
            new TwigFunction('carried_situation', $this->carried->situation(...)),
            new TwigFunction(
                'moved_to',
                static fn(Position $who, Point $to): ?string => MovedFielders::write([$who->value => $to]),
            ),
        ];
    }

    /** @return list<RosterPlayer> */
    private function pitchers(Team $team): array
    {
        return array_values(
            array_filter(
                $this->players->rosterOf($team),
                static fn(RosterPlayer $player): bool => $player->plays(Position::Pitcher),
            ),
        );
    }
}
