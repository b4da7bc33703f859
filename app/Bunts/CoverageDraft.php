<?php

declare(strict_types=1);

namespace FoxCorner\App\Bunts;

use FoxCorner\Core\Alignment\NamedDepth;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\InvalidValue;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\Play\Bunt\BuntCoverage;
use FoxCorner\Core\Play\Bunt\BuntTask;
use FoxCorner\Core\Play\Bunt\CoverageLine;
use FoxCorner\Core\Play\JobKind;
use Symfony\Component\HttpFoundation\InputBag;

/** A coverage as a form has it: who fields, and for each of them what everybody else then does. */
final readonly class CoverageDraft
{
    /** Who can be sent to field a bunt. */
    public const FIELDERS = [Position::Pitcher, Position::Catcher, Position::FirstBase, Position::ThirdBase, Position::SecondBase, Position::Shortstop];
    /** Letters; more than that nobody reads on a field. */
    private const LONGEST_REASON = 300;
    /** Whose depth a coverage may set. */
    public const PLACED = [Position::FirstBase, Position::SecondBase, Position::ThirdBase, Position::Shortstop];

    /**
     * @param list<int>                      $fielders position numbers
     * @param list<int>                      $reserve
     * @param list<int>                      $early
     * @param array<int, string>             $depths   by position number; empty: as the rules have it
     * @param array<int, array<int, string>> $tasks    by who fields, then by position; empty: nothing yet
     */
    private function __construct(public string $name, public string $call, public string $reason, public array $fielders, public array $reserve, public array $early, public array $depths, public array $tasks)
    {
    }

    public static function of(BuntCoverage $coverage): self
    {
        $tasks = [];
        foreach (self::FIELDERS as $by) {
            foreach ($coverage->assignments($by) as $assignment) {
                if (JobKind::Field !== $assignment->job->kind) {
                    $tasks[$by->value][$assignment->position->value] = BuntTask::ofJob($assignment->job)->value;
                }
            }
        }

        return new self(
            $coverage->name(), $coverage->call(), $coverage->reason(), Position::numbers($coverage->fielders()), Position::numbers($coverage->reserve), Position::numbers($coverage->early()),
            array_map(static fn(NamedDepth $depth): string => $depth->value, $coverage->depths), $tasks,
        );
    }

    /** @param InputBag<bool|float|int|string>|InputBag<string> $input */
    public static function typed(InputBag $input): self
    {
        $numbers = static fn(string $name): array => array_values(array_filter(range(1, 9), static fn(int $number): bool => $input->getBoolean("{$name}_$number")));
        $depths = $tasks = [];
        foreach (self::PLACED as $position) {
            $depths[$position->value] = $input->getString('depth_'.$position->value);
        }
        foreach (self::FIELDERS as $by) {
            foreach (Position::cases() as $who) {
                $tasks[$by->value][$who->value] = $input->getString("task_{$by->value}_{$who->value}");
            }
        }

        return new self(trim($input->getString('name')), trim($input->getString('call')), trim($input->getString('reason')), $numbers('fields'), $numbers('reserve'), $numbers('early'), $depths, $tasks);
    }

    public function task(int $by, int $who): string
    {
        return $this->tasks[$by][$who] ?? '';
    }

    /**
     * Whatever is missing is left open for the audit to find: a coverage without fielders is kept, too.
     *
     * @throws InvalidValue when name or call are missing, or something is no task or depth
     */
    public function toCoverage(string $key, Bases $bases, ?string $copyOf, ?string $copiedAs = null): BuntCoverage
    {
        foreach (['name' => $this->name, 'call' => $this->call] as $field => $text) {
            if ('' === $text || mb_strlen($text) > 40) {
                throw InvalidValue::because($field, '' === $text ? 'it is empty' : 'it is too long', '1 to 40 letters');
            }
        }
        if (mb_strlen($this->reason) > self::LONGEST_REASON) {
            throw InvalidValue::because('reason', \sprintf('it has %d letters', mb_strlen($this->reason)), \sprintf('at most %d', self::LONGEST_REASON));
        }
        $lines = [];
        foreach ($this->fielders as $by) {
            foreach ($this->tasks[$by] ?? [] as $who => $task) {
                if ('' !== $task && $who !== $by) {
                    $lines[] = CoverageLine::when(Position::ofNumber($who), (BuntTask::tryFrom($task) ?? throw InvalidValue::notOneOf('job', $task, array_column(BuntTask::cases(), 'value')))->job(), Position::ofNumber($by));
                }
            }
        }
        $depths = array_map(static fn(string $depth): NamedDepth => NamedDepth::tryFrom($depth) ?? throw InvalidValue::notOneOf('depth', $depth, array_column(NamedDepth::cases(), 'value')), array_filter($this->depths, static fn(string $depth): bool => '' !== $depth));

        return new BuntCoverage(
            $key, $this->name, $this->call, '' === $this->reason ? 'Drawn up by the team.' : $this->reason, [$bases], Position::ofNumbers($this->fielders), $lines,
            Position::ofNumbers($this->early), Position::ofNumbers(array_values(array_intersect($this->reserve, $this->fielders))), $depths, $copyOf, $copiedAs,
        );
    }
}
