<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice;

/** Which stations can run at the same time: room, lanes and helpers allow it. */
final readonly class StationSets
{
    public function __construct(private PracticeRequest $request)
    {
    }

    /** @return list<list<Drill>> every set to which no further station can be added */
    public function largest(): array
    {
        $largest = [];
        $this->grow([], array_values($this->request->drills), 0, $largest);

        return $largest;
    }

    /**
     * @param list<Drill>       $set
     * @param list<Drill>       $drills
     * @param list<list<Drill>> $largest
     */
    private function grow(array $set, array $drills, int $from, array &$largest): void
    {
        $canGrow = false;
        foreach ($drills as $index => $drill) {
            if (\in_array($drill, $set, true) || !$this->fits($drill, $set)) {
                continue;
            }
            $canGrow = true;
            if ($index >= $from) {
                $this->grow([...$set, $drill], $drills, $index + 1, $largest);
            }
        }
        if (!$canGrow) {
            $largest[] = $set;
        }
    }

    /** @param list<Drill> $set */
    private function fits(Drill $drill, array $set): bool
    {
        $helpers = $drill->helpers;
        $place = $drill->place->on($this->request->diamond);
        foreach ($set as $other) {
            $helpers += $other->helpers;
            if ($place->conflictsWith($other->place->on($this->request->diamond))) {
                return false;
            }
        }

        return $helpers <= $this->request->helpers;
    }
}
