<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Play\Scheme\Coverage;
use FoxCorner\Core\Play\Scheme\CoverageLine;
use FoxCorner\Core\Play\Scheme\Job;
use FoxCorner\Core\Play\Scheme\JobKind;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Unknown;
use FoxCorner\Core\Problem\WrongLength;
use Symfony\Component\HttpFoundation\InputBag;

/** A coverage as a form has it: who goes for the ball, and in each branch of the play what everybody else then does. */
final readonly class CoverageDraft
{
    /** Letters; more than that nobody reads on a field. */
    private const LONGEST_REASON = 300;
    private const LONGEST_NAME = 40;
    /** Whose depth a coverage may set. */
    public const PLACED = Position::INFIELDERS;

    /**
     * @param list<int>                         $fielders position numbers
     * @param list<int>                         $reserve
     * @param list<int>                         $early
     * @param array<int, string>                $depths   by position number; empty: as the rules have it
     * @param array<string, array<int, string>> $tasks    by the branch's column, then by position; empty: nothing yet
     */
    private function __construct(
        public string $name,
        public string $call,
        public string $reason,
        public array $fielders,
        public array $reserve,
        public array $early,
        public array $depths,
        public array $tasks,
    ) {}

    public static function of(Coverage $coverage, PlayFamily $family): self
    {
        $tasks = [];
        foreach (BranchColumn::all($family) as $column) {
            foreach ($coverage->jobs($column->branch) as $number => $jobs) {
                foreach ($jobs as $job) {
                    if (JobKind::Field !== $job->kind) {
                        $tasks[$column->id][$number] = $job->key();
                    }
                }
            }
        }
        $depths = array_map(static fn(NamedDepth $depth): string => $depth->value, $coverage->depths);

        return new self(
            $coverage->name,
            $coverage->call,
            $coverage->reason,
            Position::numbers($coverage->fielders),
            Position::numbers($coverage->reserve),
            Position::numbers($coverage->early),
            $depths,
            $tasks,
        );
    }

    /** @param InputBag<bool|float|int|string>|InputBag<string> $input */
    public static function typed(InputBag $input, PlayFamily $family): self
    {
        $numbers = static fn(string $name): array => array_values(
            array_filter(range(1, 9), static fn(int $number): bool => $input->getBoolean("{$name}_$number")),
        );
        $text = static fn(string $name): string => trim($input->getString($name));
        $depths = $tasks = [];
        foreach (self::PLACED as $position) {
            $depths[$position->value] = $input->getString('depth_' . $position->value);
        }
        foreach (BranchColumn::all($family) as $column) {
            foreach (Position::cases() as $who) {
                $tasks[$column->id][$who->value] = $input->getString("task_{$column->id}_{$who->value}");
            }
        }

        return new self(
            $text('name'),
            $text('call'),
            $text('reason'),
            $numbers('fields'),
            $numbers('reserve'),
            $numbers('early'),
            $depths,
            $tasks,
        );
    }

    public function task(string $column, int $who): string
    {
        return $this->tasks[$column][$who] ?? '';
    }

    /**
     * Whatever is missing is left open for the audit to find: a coverage without fielders is kept, too.
     *
     * @throws Problem when name or call are missing, or something is no job or depth
     */
    public function toCoverage(
        string $key,
        PlayFamily $family,
        Bases $bases,
        ?string $copyOf = null,
        ?string $copiedAs = null,
    ): Coverage {
        foreach (['name' => $this->name, 'call' => $this->call] as $field => $text) {
            WrongLength::unlessBetween($field, $text, 1, self::LONGEST_NAME);
        }
        WrongLength::unlessBetween('reason', $this->reason, 0, self::LONGEST_REASON);
        $reserve = array_values(array_intersect($this->reserve, $this->fielders));

        return new Coverage(
            $key,
            $this->name,
            $this->call,
            '' === $this->reason ? 'Drawn up by the team.' : $this->reason,
            [$bases],
            Position::ofNumbers($this->fielders),
            $this->lines($family),
            Position::ofNumbers($this->early),
            Position::ofNumbers($reserve),
            $this->named(),
            $copyOf,
            $copiedAs,
        );
    }

    /**
     * @return list<CoverageLine>
     *
     * @throws Problem
     */
    private function lines(PlayFamily $family): array
    {
        $lines = [];
        foreach (BranchColumn::all($family) as $column) {
            $by = $column->branch->fieldedBy?->value;
            // Columns of those who do not field are not used.
            if (null !== $by && !\in_array($by, $this->fielders, true)) {
                continue;
            }
            foreach ($this->tasks[$column->id] ?? [] as $who => $task) {
                if ('' !== $task && $who !== $by) {
                    $lines[] = CoverageLine::in(Position::ofNumber($who), Job::ofKey($task), $column->branch);
                }
            }
        }

        return $lines;
    }

    /**
     * @return array<int, NamedDepth>
     *
     * @throws Problem
     */
    private function named(): array
    {
        $known = array_column(NamedDepth::cases(), 'value');
        $typed = array_filter($this->depths, static fn(string $depth): bool => '' !== $depth);

        return array_map(
            static fn(string $depth): NamedDepth => NamedDepth::tryFrom($depth) ??
                throw Unknown::notOneOf('depth', $depth, $known),
            $typed,
        );
    }
}
