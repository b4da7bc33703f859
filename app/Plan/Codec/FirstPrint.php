<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan\Codec;

use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Scheme\Branch;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\CoverageLine;
use FoxCorner\Core\Play\Scheme\Verb;

/**
 * The mark of a coverage as the program's first version made it: a hash of PHP's own serialization of its objects,
 * class
 * names and all. Written out by hand, since those classes are gone; wanted only to read what that version has stored.
 */
final class FirstPrint
{
    private const POSITION = 'FoxCorner\Core\People\Position:';
    private const KIND = 'FoxCorner\Core\Play\JobKind:';
    private const BASE = 'FoxCorner\Core\Field\Base:';
    private const DEPTH = 'FoxCorner\Core\Alignment\Depth\NamedDepth:';

    /** Values met so far: a case of an enum that comes again is told by its number. */
    private int $met = 0;
    /** @var array<string, int> */
    private array $numbers = [];

    public static function of(Coverage $coverage): string
    {
        return hash('xxh128', (new self())->coverage($coverage));
    }

    private function coverage(Coverage $coverage): string
    {
        ++$this->met;
        $parts = [
            $this->positions($coverage->fielders),
            $this->list($coverage->lines, $this->line(...)),
            $this->positions($coverage->early),
            $this->positions($coverage->reserve),
            $this->list($coverage->depths, fn(NamedDepth $depth): string => $this->case(self::DEPTH . $depth->name)),
        ];

        return 'a:5:{' .
            implode(
                '',
                array_map(static fn(int $key, string $part): string => "i:$key;$part", array_keys($parts), $parts),
            ) .
            '}';
    }

    /** @param list<Position> $positions */
    private function positions(array $positions): string
    {
        return $this->list($positions, fn(Position $position): string => $this->case(self::POSITION . $position->name));
    }

    /**
     * @template T
     *
     * @param array<int, T>       $values
     * @param \Closure(T): string $write
     */
    private function list(array $values, \Closure $write): string
    {
        ++$this->met;
        $written = '';
        foreach ($values as $key => $value) {
            $written .= "i:$key;" . $write($value);
        }

        return 'a:' . \count($values) . ":{{$written}}";
    }

    private function line(CoverageLine $line): string
    {
        ++$this->met;
        $by = array_map(
            static fn(Branch $branch): Position => $branch->fieldedBy ??
                throw new \LogicException('The first version knew no other branch.'),
            $line->when,
        );

        return 'O:37:"FoxCorner\Core\Play\Bunt\CoverageLine":3:{s:3:"who";' .
            $this->case(self::POSITION . $line->who->name) .
            's:3:"job";' .
            $this->job($line) .
            's:13:"whenFieldedBy";' .
            $this->positions($by) .
            '}';
    }

    private function job(CoverageLine $line): string
    {
        ++$this->met;
        $job = $line->job;
        $kind = $this->case(self::KIND . $job->kind->name);
        $base = null === $job->base ? $this->plain('N;') : $this->case(self::BASE . $job->base->name);
        $toward = $this->plain('b:' . (int) \in_array($job->verb, [Verb::TurnBack, Verb::Converge], true) . ';');
        $words = $this->plain('s:' . \strlen($job->words) . ":\"$job->words\";");
        $late = $this->plain('b:' . (int) (Verb::ComeIn === $job->verb) . ';');

        return "O:23:\"FoxCorner\\Core\\Play\\Job\":5:{s:4:\"kind\";{$kind}s:4:\"base\";{$base}" .
            "s:16:\"startsTowardBall\";{$toward}s:5:\"words\";{$words}s:9:\"comesLate\";$late}";
    }

    private function case(string $name): string
    {
        ++$this->met;
        if (isset($this->numbers[$name])) {
            return "r:{$this->numbers[$name]};";
        }
        $this->numbers[$name] = $this->met;

        return 'E:' . \strlen($name) . ":\"$name\";";
    }

    private function plain(string $written): string
    {
        ++$this->met;

        return $written;
    }
}
