<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\Outfield;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\Paces;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Clock\Move;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\JobKind;
use FoxCorner\Core\Play\Scheme\Verb;

/** One fielder's job on one ball, with its distances; where he goes first, and what he looks at. */
final readonly class JobNote
{
    /** ft; whoever is closer is at the bag. */
    private const AT_BAG = 3.0;

    /**
     * @param string       $words "Cutoff, 118 ft from 7"
     * @param string       $step  his first step
     * @param string       $walk  where it is, walked off in his own paces from the nearest bag
     * @param list<string> $eyes  what he looks at, in order
     */
    private function __construct(public string $words, public string $step, public string $walk, public array $eyes) {}

    public static function of(OutfieldPlay $play, Spots $spots, Move $move): self
    {
        $job = $move->jobs[0] ?? null;
        if (null === $job) {
            return new self('No job', 'None', '', []);
        }
        $end = $move->track->end()->point;
        $cut = $play->ways->cut;
        $by = $play->ball->by;
        $words = match (true) {
            JobKind::Cut === $job->kind => \sprintf(
                '%s toward %s, %d ft from %d',
                Verb::LastCut === $job->verb ? 'Last cutoff' : 'Cutoff',
                $job->base?->word() ?? '',
                round($end->distanceTo($play->ball->at)),
                $by->position->value,
            ),
            JobKind::Trail === $job->kind => \sprintf(
                'Trail, %d ft behind %d',
                round($spots->trailFeet()),
                $cut->who->position->value ?? 0,
            ),
            JobKind::BackUp === $job->kind && Verb::BehindBall !== $job->verb => \sprintf(
                '%s %s, %d ft deep',
                Verb::ReadThenBehind === $job->verb ? 'Read, then behind' : 'Behind',
                self::behind($play, $job->base)->word(),
                round($end->distanceTo($play->setting->bag(self::behind($play, $job->base)))),
            ),
            default => $job->words,
        };

        return new self(
            $words,
            self::step($move),
            self::walked($play, $move, $job),
            self::eyes($job->kind, $move->position()),
        );
    }

    /** "28 paces from third, on the line from the ball to home" */
    private static function walked(OutfieldPlay $play, Move $move, Job $job): string
    {
        $end = $move->track->end()->point;
        [$nearest, $feet] = [Base::Home, \INF];
        foreach (Base::cases() as $base) {
            $away = $end->distanceTo($play->setting->bag($base));
            [$nearest, $feet] = $away < $feet ? [$base, $away] : [$nearest, $feet];
        }
        if ($feet < self::AT_BAG) {
            return 'At ' . $nearest->word();
        }
        $paces = Paces::inFeet($feet, $move->who->player->traits->pace());
        $line = match ($job->kind) {
            JobKind::Cut, JobKind::Trail => ', on the line from the ball to ' . ($job->base?->word() ?? ''),
            JobKind::BackUp => Verb::BehindBall === $job->verb ? '' : ', on the line of the throw',
            default => '',
        };

        return $paces->count() . ' paces from ' . $nearest->word() . $line;
    }

    private static function behind(OutfieldPlay $play, ?Base $base): Base
    {
        return $base ?? (Base::Third === $play->made()->way->base ? Base::Third : Base::Home);
    }

    /** By the direction of his way, seen from home. */
    private static function step(Move $move): string
    {
        $start = $move->track->keyframes[0]->point;
        $end = $move->track->end()->point;
        [$x, $y] = [$end->x - $start->x, $end->y - $start->y];
        if (hypot($x, $y) < 3.0) {
            return 'None: ready where you are';
        }
        $degrees = rad2deg(atan2($x, $y));

        return match (true) {
            abs($degrees) < 22.5 => 'Drop step, straight back',
            abs($degrees) > 157.5 => 'Straight in',
            $degrees > 112.5 => 'In, toward the right side',
            $degrees < -112.5 => 'In, toward the left side',
            $degrees > 67.5 => 'Crossover to the right',
            $degrees < -67.5 => 'Crossover to the left',
            $degrees > 0.0 => 'Drop step, back to the right',
            default => 'Drop step, back to the left',
        };
    }

    /** @return list<string> */
    private static function eyes(JobKind $kind, Position $position): array
    {
        return match ($kind) {
            JobKind::Field => ['the ball', 'the neighbour’s voice', 'the lead man’s hands'],
            JobKind::Cut => [
                'the ball off the bat',
                'over the shoulder: the base',
                'the outfielder’s hand',
                'the ball',
            ],
            JobKind::Trail => ['the lead man’s back', 'the throw: true, high or short', 'the runners'],
            JobKind::Cover => ['the bag', 'the runner who comes to it', 'the throw'],
            JobKind::Follow => ['the batter’s foot on first', 'the batter’s back', 'the ball'],
            JobKind::RelayReady => ['the batter’s foot on first', 'the ball coming in'],
            JobKind::BackUp => \in_array($position, Position::OUTFIELD, true)
                ? ['the ball', 'the man in front', 'where the throw will go']
                : ['the lead runner', 'the throw', 'the ball that gets away'],
            JobKind::Hold, JobKind::Call, JobKind::Converge => ['the ball', 'the runners'],
        };
    }
}
