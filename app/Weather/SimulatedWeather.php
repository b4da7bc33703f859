<?php

declare(strict_types=1);

namespace FoxCorner\App\Weather;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Team;
use Psr\Clock\ClockInterface;

/** Stands in for a weather service: it says what it was told to say. */
final readonly class SimulatedWeather implements WeatherService
{
    public function __construct(private EntityManagerInterface $entities, private ClockInterface $clock) {}

    public function latest(Team $team): ?array
    {
        $last = $this->entities
            ->getRepository(SimulatedNotice::class)
            ->findOneBy(['team' => $team], ['at' => 'DESC', 'id' => 'DESC']);

        return null === $last ? null : [$last->notice, $last->at];
    }

    public function isSimulated(): bool
    {
        return true;
    }

    public function send(Team $team, Notice $notice): void
    {
        $this->entities->persist(new SimulatedNotice($team, $notice, $this->clock->now()));
        $this->entities->flush();
    }
}
