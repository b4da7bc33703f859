<?php

declare(strict_types=1);

namespace FoxCorner\App\Runners;

use FoxCorner\App\Shared\Taste\TypedLength;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Play\Running\Alarm;
use FoxCorner\Core\Play\Running\Leads;
use FoxCorner\Core\Play\Running\PickKind;
use FoxCorner\Core\Play\Running\PickRules;
use FoxCorner\Core\Play\Running\StealKind;
use FoxCorner\Core\Problem\NoNumber;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Unknown;
use Symfony\Component\HttpFoundation\InputBag;

/** What of the runners is looked at: which base, which throw behind, who runs, how far off, how often it should win. */
final readonly class RunnersQuery
{
    /** How often a pick may be wanted to win: it costs so little that three of ten are many. */
    private const USUAL = 0.3;
    public const WANTED = [0.2, 0.3, 0.4, 0.5, 0.6, 0.7];
    private const MOST_SEEDS = 9999;

    /**
     * @param Base          $base   that the runner is on
     * @param PickKind|null $pick   null: none is open there
     * @param float|null    $lead   ft before the pitch; null: as usual
     * @param float|null    $stands ft from the bag of whoever takes the throw; null: within reach of it
     * @param string|null   $runner an opponent's batter, by id; null: an ordinary one
     * @param string|null   $sort   the battery by which the table of all runners is sorted
     */
    private function __construct(
        public Base $base,
        public ?PickKind $pick,
        public ?float $lead,
        public ?float $stands,
        public ?string $runner,
        public float $wanted,
        public StealKind $goes,
        public int $seed,
        public ?string $sort,
    ) {}

    /**
     * @param InputBag<string> $query
     *
     * @throws Problem naming the part of the address that is wrong
     */
    public static function read(InputBag $query, Bases $bases, RuleSet $rules): self
    {
        $base = self::base($query->getString('base'), $bases);
        $open = PickRules::open($base, $rules);
        $pick = self::pick($query->getString('pick'));

        return new self(
            $base,
            \in_array($pick, $open, true) ? $pick : Alarm::usual($base, $rules),
            TypedLength::feet($query, 'lead', Leads::check(...)),
            TypedLength::feet(
                $query,
                'stands',
                static fn(float $feet): float => OutOfRange::unlessBetween('stands', $feet, 0.0, 60.0, 'feet'),
            ),
            '' === $query->getString('runner') ? null : $query->getString('runner'),
            self::wanted($query->getString('want')),
            self::goes($query->getString('goes')),
            (int) OutOfRange::unlessBetween(
                'seed',
                is_numeric($query->getString('seed', '1')) ? (float) $query->getString('seed', '1') : \NAN,
                0,
                self::MOST_SEEDS,
                'a whole number',
            ),
            '' === $query->getString('sort') ? null : $query->getString('sort'),
        );
    }

    /** @return array<string, string> as parameters of an address; what is usual is left out */
    public function parameters(): array
    {
        return array_filter(
            [
                'base' => $this->base->word(),
                'pick' => $this->pick->value ?? '',
                'lead' => null === $this->lead ? '' : \sprintf('%g', $this->lead),
                'stands' => null === $this->stands ? '' : \sprintf('%g', $this->stands),
                'runner' => $this->runner ?? '',
                'want' => self::USUAL === $this->wanted ? '' : \sprintf('%g', $this->wanted),
                'goes' => StealKind::Straight === $this->goes ? '' : $this->goes->value,
                'seed' => 1 === $this->seed ? '' : (string) $this->seed,
                'sort' => $this->sort ?? '',
            ],
            static fn(string $value): bool => '' !== $value,
        );
    }

    private static function base(string $word, Bases $bases): Base
    {
        $occupied = $bases->occupied();
        if ('' === $word) {
            // The runner who has a base in front of him that is free, the foremost of them but the one on third.
            $free = array_filter($occupied, static fn(Base $base): bool => Base::Third !== $base);

            return [] === $free ? $occupied[0] ?? Base::First : $free[array_key_last($free)];
        }

        return match (Base::ofWord($word)) {
            Base::First => Base::First,
            Base::Second => Base::Second,
            Base::Third => Base::Third,
            default => throw Unknown::notOneOf('base', $word, ['first', 'second', 'third']),
        };
    }

    private static function pick(string $value): ?PickKind
    {
        return '' === $value ? null : Unknown::oneOf(PickKind::class, $value, 'pick');
    }

    private static function goes(string $value): StealKind
    {
        return '' === $value ? StealKind::Straight : Unknown::oneOf(StealKind::class, $value, 'goes');
    }

    private static function wanted(string $value): float
    {
        if ('' === $value) {
            return self::USUAL;
        }

        return is_numeric($value)
            ? OutOfRange::unlessBetween('want', (float) $value, 0.05, 0.95, 'of the throws')
            : throw NoNumber::at('want', '0.05 to 0.95');
    }
}
