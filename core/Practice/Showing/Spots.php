<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Showing;

use FoxCorner\Core\Field\Diamond;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\Practice\Drill\Drill;
use FoxCorner\Core\Practice\Ground\PlaceMark;

/** Where those stand who have a part in a repetition: by the marks of the drill, the bags, or shares of a base path. */
final readonly class Spots
{
    /** @param array<string, PlaceMark> $marks by sign */
    private function __construct(public array $marks, private Diamond $diamond) {}

    public static function of(Drill $drill, Diamond $diamond): self
    {
        $marks = [];
        foreach ($drill->place->on($diamond)->marks as $mark) {
            $sign = '' === $mark->sign ? Who::UNNAMED[0] : $mark->sign;
            $second = '' === $mark->sign ? Who::UNNAMED[1] : $sign . '2';
            $marks[isset($marks[$sign]) ? $second : $sign] = $mark;
        }

        return new self($marks, $diamond);
    }

    /** @throws \OutOfBoundsException when nobody of that sign is on the drawing */
    public function at(string $sign): Point
    {
        if (isset($this->marks[$sign])) {
            return $this->marks[$sign]->point;
        }
        if (isset(Who::BAGS[$sign])) {
            return $this->diamond->at(Who::BAGS[$sign]);
        }
        $shares = explode('/', $sign);
        if (2 !== \count($shares) || !is_numeric($shares[0]) || !is_numeric($shares[1])) {
            throw new \OutOfBoundsException("nobody is \"$sign\"");
        }
        $path = $this->diamond->basePath;

        return Point::of((float) $shares[0] * $path, (float) $shares[1] * $path);
    }
}
