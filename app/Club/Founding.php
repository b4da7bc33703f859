<?php

declare(strict_types=1);

namespace FoxCorner\App\Club;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Level\Level;

/** A club, a team of it, and the head coach who begins. */
final readonly class Founding
{
    public function __construct(private EntityManagerInterface $entities) {}

    /** @param RuleSet|null $rules null: those that the level usually plays by */
    public function found(string $club, string $team, Level $level, ?RuleSet $rules, Account $coach): Team
    {
        $new = new Club($club);
        $this->entities->persist($new);

        return $this->add($new, $team, $level, $rules, $coach);
    }

    /** @param RuleSet|null $rules null: those that the level usually plays by */
    public function add(Club $club, string $team, Level $level, ?RuleSet $rules, Account $coach): Team
    {
        $new = new Team($club, $team, $level, $rules ?? ShippedRuleSets::get($level->usualRules()));
        $this->entities->persist($new);
        $this->entities->persist($coach);
        $this->entities->persist(new Membership($coach, $new, Role::HeadCoach));

        return $new;
    }
}
