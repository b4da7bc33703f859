<?php

declare(strict_types=1);

namespace FoxCorner\Core\Practice\Season;

use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Skill\Skill;
use FoxCorner\Core\Skill\SkillFamily;

/** What a season teaches, one thing on the other. */
enum Stage: string
{
    case SureOuts = 'sure-outs';
    case Flies = 'flies';
    case Two = 'two';
    case Cutoffs = 'cutoffs';
    case Bunts = 'bunts';
    case Holding = 'holding';
    case Runners = 'runners';
    case Together = 'together';

    /** @return list<self> in the order in which they are taught; bunts come earlier where they are the daily bread */
    public static function in(RuleSet $rules): array
    {
        $order = $rules->sport->isSoftball()
            ? [self::SureOuts, self::Flies, self::Bunts, self::Cutoffs, self::Two, self::Runners, self::Together]
            : [
                self::SureOuts,
                self::Flies,
                self::Two,
                self::Cutoffs,
                self::Holding,
                self::Bunts,
                self::Runners,
                self::Together,
            ];

        return array_values(
            array_filter(
                $order,
                static fn(self $one): bool => match ($one) {
                    self::Bunts => $rules->bunts,
                    self::Holding => $rules->leads->allowsLeads(),
                    default => true,
                },
            ),
        );
    }

    public static function ofSkill(Skill $skill): self
    {
        return match ($skill) {
            Skill::FlyPriority,
            Skill::BackTurned,
            Skill::OutfieldGrounder,
            Skill::NeighbourBackUp,
            Skill::InfieldFly => self::Flies,
            Skill::CoverFirst, Skill::CoverSecond, Skill::CoverThird, Skill::CoverHome => self::SureOuts,
            default => match ($skill->family()) {
                SkillFamily::Daily, SkillFamily::GroundBalls => self::SureOuts,
                SkillFamily::Two => self::Two,
                SkillFamily::Bunts => self::Bunts,
                SkillFamily::Holding => self::Holding,
                SkillFamily::Relays => self::Cutoffs,
                SkillFamily::Runners => self::Runners,
                SkillFamily::Team => self::Together,
            },
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::SureOuts => 'Ground balls and throws, one sure out',
            self::Flies => 'Balls in the air, and to the outfield',
            self::Two => 'Two, feeds, pivots, tags',
            self::Cutoffs => 'Cutoffs, back-ups, voices',
            self::Bunts => 'Bunts',
            self::Holding => 'Holding runners, picks',
            self::Runners => 'First and third, rundowns, odd rules',
            self::Together => 'All nine, live',
        };
    }

    /** What it stands on, and what it is for. */
    public function buildsOn(): string
    {
        return match ($this) {
            self::SureOuts => 'On catch and footwork, every day. Nothing else is worth much without it.',
            self::Flies => 'On a voice that everybody knows. Before anybody dives for anything.',
            self::Two => 'On the sure out: the feed is a throw that is short.',
            self::Cutoffs => 'On throws that arrive, and on flies that are caught.',
            self::Bunts => 'On slow ground balls and on who covers what.',
            self::Holding => 'On feet that are quick and a throw that is true.',
            self::Runners => 'On tags, short throws, and eyes that look up.',
            self::Together => 'On all of it: short, and never first.',
        };
    }
}
