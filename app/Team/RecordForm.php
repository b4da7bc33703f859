<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use FoxCorner\Core\Level\FieldingRecord;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Problem\NoNumber;
use FoxCorner\Core\Problem\Problem;
use Symfony\Component\HttpFoundation\Request;

/** Chances and outs as they stand in the form, by position number. */
final readonly class RecordForm
{
    /**
     * @param array<int, string> $chances
     * @param array<int, string> $outs
     */
    private function __construct(public array $chances, public array $outs) {}

    public static function of(FieldingRecord $record): self
    {
        $counted = static fn(int $which): array => array_map(
            static fn(array $counts): string => (string) $counts[$which],
            $record->counts,
        );

        return new self($counted(0), $counted(1));
    }

    public static function typed(Request $request): self
    {
        $typed = static function (string $name) use ($request): array {
            $all = $request->request->all()[$name] ?? [];
            $all = \is_array($all) ? $all : [];
            $kept = [];
            foreach (Position::INFIELD as $position) {
                $one = $all[$position->value] ?? '';
                $kept[$position->value] = \is_string($one) ? trim($one) : '';
            }

            return $kept;
        };

        return new self($typed('chances'), $typed('outs'));
    }

    /** @throws Problem that names the field and the position */
    public function record(): FieldingRecord
    {
        $counts = [];
        foreach (Position::INFIELD as $position) {
            $chances = $this->chances[$position->value] ?? '';
            $outs = $this->outs[$position->value] ?? '';
            if ('' !== $chances || '' !== $outs) {
                $counts[$position->value] = [
                    self::whole('chances', $position, $chances),
                    self::whole('outs', $position, $outs),
                ];
            }
        }

        return FieldingRecord::of($counts);
    }

    private static function whole(string $what, Position $position, string $typed): int
    {
        return ctype_digit($typed) && \strlen($typed) < 6
            ? (int) $typed
            : throw NoNumber::whole(
                "$what of {$position->value}",
                'a whole number, or neither chances nor outs',
                $typed,
            );
    }
}
