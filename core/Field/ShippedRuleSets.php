<?php

declare(strict_types=1);

namespace FoxCorner\Core\Field;

use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Unknown;

/** The rule sets that come with the program: starting points, each value of which a team may replace. */
final class ShippedRuleSets
{
    /** @var array<string, RuleSet>|null once drawn up: a page asks for them some hundred times */
    private static ?array $all = null;

    /** @return array<string, RuleSet> by key */
    public static function all(): array
    {
        return self::$all ??= self::drawnUp();
    }

    /** @return array<string, RuleSet> by key */
    private static function drawnUp(): array
    {
        $sets = [
            self::baseball(
                'baseball-90',
                'Baseball, 90 ft, nine innings',
                90,
                60.5,
                9,
                LeadRule::Anytime,
                95,
                Fence::of(330, 375, 400, 375, 330),
            ),
            self::baseball(
                'baseball-90-7',
                'Baseball, 90 ft, seven innings',
                90,
                60.5,
                7,
                LeadRule::Anytime,
                95,
                Fence::of(320, 360, 380, 360, 320),
            ),
            self::baseball(
                'baseball-80',
                'Baseball, 80 ft',
                80,
                54,
                7,
                LeadRule::Anytime,
                80,
                Fence::of(260, 290, 300, 290, 260),
            ),
            self::baseball(
                'baseball-70',
                'Baseball, 70 ft, seven innings',
                70,
                50,
                7,
                LeadRule::Anytime,
                70,
                Fence::of(225, 252, 260, 252, 225),
            ),
            self::baseball(
                'baseball-70-6',
                'Baseball, 70 ft, six innings',
                70,
                50,
                6,
                LeadRule::Anytime,
                70,
                Fence::of(225, 252, 260, 252, 225),
            ),
            self::baseball(
                'baseball-60',
                'Baseball, 60 ft',
                60,
                46,
                6,
                LeadRule::WhenPitchReachesBatter,
                50,
                Fence::of(200, 208, 210, 208, 200),
            ),
            self::fastpitch(
                'fastpitch-43',
                'Fastpitch, 60 ft, pitched from 43 ft',
                43,
                7,
                Fence::of(200, 215, 220, 215, 200),
            ),
            self::fastpitch(
                'fastpitch-40',
                'Fastpitch, 60 ft, pitched from 40 ft',
                40,
                7,
                Fence::of(190, 200, 203, 200, 190),
            ),
            self::fastpitch(
                'fastpitch-35',
                'Fastpitch, 60 ft, pitched from 35 ft',
                35,
                6,
                Fence::of(180, 189, 192, 189, 180),
            ),
            new RuleSet(
                'slowpitch-65',
                'Slowpitch, 65 ft, ten fielders',
                Sport::Slowpitch,
                65,
                50,
                7,
                LeadRule::Never,
                false,
                false,
                false,
                false,
                true,
                65,
                Fence::of(275, 293, 300, 293, 275),
                Surface::Dirt,
                false,
            ),
        ];

        return array_column($sets, null, 'key');
    }

    /** @throws Problem when the key is not one of the shipped ones */
    public static function get(string $key): RuleSet
    {
        $all = self::all();

        return $all[$key] ?? throw Unknown::notOneOf('rule set', $key, array_keys($all));
    }

    private static function baseball(
        string $key,
        string $name,
        float $basePath,
        float $pitching,
        int $innings,
        LeadRule $leads,
        float $skin,
        Fence $fence,
    ): RuleSet {
        return new RuleSet(
            $key,
            $name,
            Sport::Baseball,
            $basePath,
            $pitching,
            $innings,
            $leads,
            true,
            true,
            $leads->allowsLeads(),
            false,
            false,
            $skin,
            $fence,
            Surface::Grass,
            true,
        );
    }

    private static function fastpitch(string $key, string $name, float $pitching, int $innings, Fence $fence): RuleSet
    {
        return new RuleSet(
            $key,
            $name,
            Sport::Fastpitch,
            60,
            $pitching,
            $innings,
            LeadRule::OnRelease,
            true,
            true,
            false,
            true,
            true,
            60,
            $fence,
            Surface::Dirt,
            false,
        );
    }
}
