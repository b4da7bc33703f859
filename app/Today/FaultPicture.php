<?php

declare(strict_types=1);

namespace FoxCorner\App\Today;

use FoxCorner\App\Shared\Drawing\FieldDrawing;
use FoxCorner\App\Shared\Drawing\Window;
use FoxCorner\Core\Field\Point;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Plan\Audit\AuditedFinding;
use FoxCorner\Core\Plan\Audit\Mend;
use FoxCorner\Core\Plan\Audit\PlannedPlay;
use FoxCorner\Core\Play\Check\Moment;
use FoxCorner\Core\Play\Clock\Move;
use FoxCorner\Core\Play\Clock\Timeline;

/** The moment at which a fault shows: where everybody is then, how much is missing, and what would mend it. */
final readonly class FaultPicture
{
    /** Height by width, and the room around what matters, by its own size; ft that it is wide at least. */
    private const SHAPE = 342 / 516;
    private const ROOM = 1.5;
    private const LEAST = 62.0;
    /** It is shown smaller than the field's own drawing, with letters as large as there. */
    public const ZOOM = 1.34;
    /** Pixels: of a letter of the plate, its margin, how high it is with one line and two, how far from its point. */
    private const LETTER = 11.5;
    private const MARGIN = 8.0;
    private const HIGH = [34, 52];
    private const AWAY = 30.0;

    private function __construct(
        public Timeline $play,
        public Moment $moment,
        public ?Mend $mend,
        public ?Point $bag,
        public FieldDrawing $drawing,
    ) {}

    /** @return self|null null where the fault has no moment of its own */
    public static function of(PlannedPlay $planned, AuditedFinding $audited): ?self
    {
        $moment = $audited->worst->moment;
        if (null === $moment) {
            return null;
        }
        $play = $planned->run($audited->on);
        $rules = $play->setting->state->rules;
        $base = $audited->worst->base ?? ($moment->throw->base ?? null);
        $bag = null === $base ? null : $rules->diamond()->at($base);
        $shown = [$play->ball->at($moment->seconds), $play->move($play->fieldedBy())->track->at($moment->seconds)];
        foreach (self::positions($moment) as $position) {
            $track = $play->move($position)->track;
            $shown = [...$shown, $track->keyframes[0]->point, $track->at($moment->seconds)];
        }
        $window = Window::around(null === $bag ? $shown : [...$shown, $bag], self::ROOM, self::LEAST, self::SHAPE);

        return new self($play, $moment, $audited->mend, $bag, new FieldDrawing($rules, $window));
    }

    /** @return list<Move> those whom it is about, and who has the ball first */
    public function told(): array
    {
        $told = [];
        foreach ([...self::positions($this->moment), $this->play->fieldedBy()] as $position) {
            $told[$position->value] = $this->play->move($position);
        }

        return array_values($told);
    }

    /** @return list<Move> everybody else who can be seen */
    public function others(): array
    {
        $told = $this->told();

        return array_values(
            array_filter(
                $this->play->moves,
                fn(Move $move): bool => !\in_array($move, $told, true) && $this->isSeen($this->now($move)),
            ),
        );
    }

    /** @return array<string, Point> where those are who run, by "batter", "R1" …; only who can be seen */
    public function runners(): array
    {
        $there = array_map(fn($track): Point => $track->at($this->moment->seconds), $this->play->runners);

        return array_filter($there, $this->isSeen(...));
    }

    public function now(Move $move): Point
    {
        return $move->track->at($this->moment->seconds);
    }

    /** The ball: at the bag of the throw that it is about, else where it is. */
    public function ball(): Point
    {
        return null !== $this->bag && null !== $this->moment->throw && $this->isOver()
            ? $this->bag
            : $this->play->ball->at($this->moment->seconds);
    }

    /** Whether the throw is there, or would be. */
    private function isOver(): bool
    {
        return $this->moment->seconds >= ($this->moment->throw->ballThere ?? \INF);
    }

    /** The way of the throw that it is about, as SVG; none: empty. */
    public function throw(): string
    {
        if (null === $this->bag || null === $this->moment->throw) {
            return '';
        }
        $from = $this->play->legs[0]->from->at;

        return \sprintf('M%.1f %.1fL%.1f %.1f', $from->x, -$from->y, $this->bag->x, -$this->bag->y);
    }

    /** ft from the bag that the one whom it is about still is; null where that is not the point. */
    public function short(): ?int
    {
        $who = $this->moment->who;
        if (null === $this->bag || 1 !== \count($who) || [] === $this->moment->there) {
            return null;
        }

        return (int) round($this->bag->distanceTo($this->now($this->play->moves[$who[0]])));
    }

    /** ft of the field for a pixel. */
    public function unit(): float
    {
        return self::ZOOM * $this->drawing->window->feetPerPixel();
    }

    /**
     * Where the words stand: beside the bag or the ball, inside the drawing.
     *
     * @return array{x: float, y: float, width: float, height: int} ft from home of its corner; pixels of its size
     */
    public function plate(): array
    {
        $unit = $this->unit();
        $window = $this->drawing->window;
        $at = null !== $this->bag && [] !== $this->moment->there ? $this->bag : $this->ball();
        $width = max(96.0, self::LETTER * mb_strlen($this->moment->words) + 2 * self::MARGIN);
        $height = self::HIGH[null === $this->short() ? 0 : 1];
        $right = $at->x + self::AWAY * $unit;
        $fits = $right + $width * $unit < $window->left + $window->width;

        return [
            'x' => round($fits ? $right : max($window->left, $at->x - (self::AWAY + $width) * $unit), 2),
            'y' => round(max($window->top + self::MARGIN * $unit, -$at->y - ($height + self::AWAY) * $unit), 2),
            'width' => $width,
            'height' => $height,
        ];
    }

    public function race(): Race
    {
        return Race::of($this->moment);
    }

    private function isSeen(Point $point): bool
    {
        return $this->drawing->window->has($point);
    }

    /** @return list<Position> */
    private static function positions(Moment $moment): array
    {
        return array_map(Position::from(...), $moment->who);
    }
}
