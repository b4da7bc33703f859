<?php

declare(strict_types=1);

namespace FoxCorner\Core\Play\Contract;

use FoxCorner\Core\Skill\Skill;
use FoxCorner\Core\Value\ButFor;

/** How people speak of a family of plays, and where it is shown. */
final readonly class FamilyWords
{
    use ButFor;

    /**
     * @param string           $place   as a heading: "Bunts"
     * @param string           $one     "bunt", as in "on a bunt"
     * @param string           $many    "bunts", as in "on 4 of 15 bunts"
     * @param string           $start   what whoever may field it does first: "charges"
     * @param FamilyGroup|null $group   the place that several families share; null: it has one of its own
     * @param Skill            $fields  what is practised of fielding it
     * @param bool             $ofKinds the other side has a handful of kinds of it, each shown, and no ball is placed
     *                                  on the field
     */
    private function __construct(
        public string $place,
        public string $one,
        public string $many,
        public string $start = 'charges',
        public ?FamilyGroup $group = null,
        public Skill $fields = Skill::Field,
        public bool $ofKinds = false,
    ) {}

    /**
     * @param string $place as a heading: "Bunts"
     * @param string $one   "bunt", as in "on a bunt"
     * @param string $many  "bunts", as in "on 4 of 15 bunts"
     */
    public static function of(string $place, string $one, string $many): self
    {
        return new self($place, $one, $many);
    }

    /** What whoever may field it does first. */
    public function doing(string $start): self
    {
        return $this->but(start: $start);
    }

    /** Shown with others, each kind of it. */
    public function in(FamilyGroup $group): self
    {
        return $this->but(group: $group, ofKinds: true);
    }

    /** Where fielding it is no bunt's. */
    public function practising(Skill $skill): self
    {
        return $this->but(fields: $skill);
    }

    /** In names and files: "ground_ball". */
    public function slug(): string
    {
        return self::slugged($this->one);
    }

    /** In names and files: "ground_balls". */
    public function slugOfMany(): string
    {
        return self::slugged($this->many);
    }

    private static function slugged(string $words): string
    {
        return strtr(strtolower($words), [' ' => '_', '-' => '_']);
    }
}
