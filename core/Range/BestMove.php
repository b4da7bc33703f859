<?php

declare(strict_types=1);

namespace FoxCorner\Core\Range;

use FoxCorner\Core\Alignment\DepthSpot;
use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Cast;

/** The one small step of one infielder that gets the most outs, with its price. */
final readonly class BestMove
{
    /** Who can be asked to move. */
    private const WHO = [Position::FirstBase, Position::SecondBase, Position::ThirdBase, Position::Shortstop];
    /** Half paces tried along each direction. */
    private const HALF_PACES = [1, 2, 4];
    /** Outs in a hundred ground balls; less is not worth saying (ours). */
    private const WORTH_SAYING = 0.3;

    /**
     * @param float     $gain  outs, and double plays where they are on, in a hundred ground balls
     * @param Hole|null $price the hole that grows most
     */
    private function __construct(public Position $position, public Point $to, public string $words, public float $gain, public ?Hole $price, public float $priceFeet)
    {
    }

    /**
     * @param list<Position> $fixed who stays, because somebody put them there or they hold a runner
     *
     * @return self|null null when no small step gains anything worth saying
     */
    public static function of(RangeMap $map, Cast $cast, Diamond $diamond, array $fixed = []): ?self
    {
        $best = null;
        foreach (self::WHO as $position) {
            if (\in_array($position, $fixed, true)) {
                continue;
            }
            $who = $cast->at($position);
            $now = DepthSpot::at($position, $who->start, $diamond);
            foreach (self::steps() as [$off, $back]) {
                $half = $who->player->traits->pace() / 2;
                $to = DepthSpot::of($position, $now->off + $off * $half, $now->back + $back * $half, $diamond)->point();
                $moved = $map->moved($cast->moved($position, $to), $position);
                $gain = 100 * ($moved->summary->worth() - $map->summary->worth());
                if ($gain > ($best->gain ?? self::WORTH_SAYING)) {
                    [$price, $feet] = self::price($map, $moved);
                    $best = new self($position, $to, self::words($off, $back), $gain, $price, $feet);
                }
            }
        }

        return $best;
    }

    /** @return list<array{int, int}> half paces off and back */
    private static function steps(): array
    {
        $steps = [];
        foreach (self::HALF_PACES as $far) {
            foreach ([[1, 0], [-1, 0], [0, 1], [0, -1]] as [$off, $back]) {
                $steps[] = [$off * $far, $back * $far];
            }
        }

        return $steps;
    }

    /** @return array{Hole|null, float} the hole that is wider afterwards, and by how many feet */
    private static function price(RangeMap $before, RangeMap $after): array
    {
        $worst = null;
        $most = 0.5;
        foreach ($after->summary->holes as $hole) {
            $was = 0.0;
            foreach ($before->summary->holes as $old) {
                $was = $old->name() === $hole->name() ? max($was, $old->feet) : $was;
            }
            if ($hole->feet - $was > $most) {
                [$worst, $most] = [$hole, $hole->feet - $was];
            }
        }

        return [$worst, null === $worst ? 0.0 : $most];
    }

    /** "1½ paces off", "½ pace front" */
    private static function words(int $off, int $back): string
    {
        $halves = abs(0 === $off ? $back : $off);
        $count = (1 === $halves ? '½ pace' : intdiv($halves, 2).(0 === $halves % 2 ? '' : '½').(2 === $halves ? ' pace' : ' paces'));

        return $count.' '.match (true) {
            $off > 0 => 'farther off the bag',
            $off < 0 => 'closer to the bag',
            $back > 0 => 'back',
            default => 'in',
        };
    }
}
