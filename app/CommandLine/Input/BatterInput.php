<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Input;

use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\BatterType;
use FoxCorner\Core\Game\Tendency;
use FoxCorner\Core\Level\LevelProfile;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\Problem\Problem;

/** The field "batter" of a question: a kind of batter by name, or one with hand, time, power and tendency. */
final class BatterInput
{
    /** @throws Problem */
    public static function read(Fields $input, RuleSet $rules, LevelProfile $level): Batter
    {
        $one = $input->within('batter');
        if ([] === $one->all()) {
            return Batter::ofType(BatterType::from($input->text('batter', BatterType::Right->value)));
        }
        $bats = Bats::from($one->text('bats', 'R'));
        $hasPower = true === $one->flag('power');
        $usual = Tendency::of(
            match (true) {
                Bats::Slap === $bats => BatterType::Slapper,
                $hasPower => BatterType::RightPower,
                default => BatterType::Right,
            },
        );

        return Batter::named(
            'asked',
            'Batter',
            $bats,
            null,
            Tendency::from($one->text('tendency', $usual->value)),
            $hasPower,
            true === $one->flag('bunts'),
            $one->numberOrNull('home_to_first_s'),
            $level->homeToFirstOver($rules->basePath),
        );
    }
}
