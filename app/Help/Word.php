<?php

declare(strict_types=1);

namespace FoxCorner\App\Help;

/** The words of the field as this program means them. */
enum Word: string
{
    case Alignment = 'alignment';
    case Appeal = 'appeal';
    case BackUp = 'back up';
    case BreakEven = 'break-even';
    case Charge = 'charge';
    case Converge = 'converge';
    case Corners = 'corners';
    case Coverage = 'coverage';
    case Creep = 'creep';
    case Cut = 'cutoff man';
    case Daylight = 'daylight';
    case Depth = 'depth';
    case DoublePlay = 'double-play depth';
    case Drag = 'drag';
    case Feed = 'feed';
    case Finding = 'finding';
    case Force = 'force';
    case Halfway = 'halfway';
    case Hang = 'hang';
    case LeadOut = 'lead out';
    case Pivot = 'pivot';
    case Read = 'read';
    case Rundown = 'rundown';
    case Shade = 'shade';
    case Slap = 'slap';
    case Squeeze = 'squeeze';
    case Tandem = 'tandem';
    case Trail = 'trail';
    case TriplePlay = 'triple play';
    case TurnBack = 'turn back';
    case Wheel = 'wheel';

    public function meaning(): string
    {
        return match ($this) {
            self::Alignment => 'Where the nine stand before the pitch, and how it is called.',
            self::Appeal => 'Ask the umpire, ball at the bag: a runner missed it, or left too soon on a catch.',
            self::BackUp => 'Run behind a bag, in line with a throw, deep enough to stop one that gets by.',
            self::BreakEven => 'How sure the lead out must be to be worth more than a sure out at first.',
            self::Charge => 'Run at a bunt before it is known whose it is.',
            self::Converge => 'Come to a ball that is another’s, clear of his throw, in case he misses it.',
            self::Corners => 'First and third baseman.',
            self::Coverage => 'Who covers which bag and who backs up, for every fielder who may have the ball.',
            self::Creep => 'Steps in as the pitch is on its way, so that a bunt is met moving.',
            self::Cut => 'Who stands on the line of a long throw and takes it, or lets it go.',
            self::Daylight => 'A pick at second when the lane between runner and bag is open.',
            self::Depth => 'How far a fielder stands from home: in, halfway, normal, back, in the team’s words.',
            self::DoublePlay => 'A step or two in and toward second, so that two can be turned.',
            self::Drag => 'A bunt for a hit, shown late, often on the run.',
            self::Feed => 'The short throw or toss to whoever turns two.',
            self::Finding => 'What costs an out and can be mended: late, uncovered, two at one bag.',
            self::Force => 'A runner who has to go on, as one comes behind him: ball and foot on the bag do.',
            self::Halfway => 'Between in and normal: the run at home is still there for a ball hit hard.',
            self::Hang => 'Stop between two bases, not knowing where to go.',
            self::LeadOut => 'The out at the base farthest on, instead of the sure one at first.',
            self::Pivot => 'What the feet do at second between the feed and the throw to first.',
            self::Read => 'See where the ball goes before deciding, as who stays home and comes only for his own.',
            self::Rundown => 'A runner caught between two bases: run him back, one throw, follow it.',
            self::Shade => 'Steps to the side where this batter hits.',
            self::Slap => 'A short swing on the run, from the left, on the ground to the other side.',
            self::Squeeze => 'A bunt with the runner on third gone with the pitch.',
            self::Tandem => 'Two cutoff men in line, a few strides apart: the second has what the first cannot.',
            self::Trail => 'The second man of a tandem, or who follows a runner to the bag behind him.',
            self::TriplePlay => 'Three outs on one ball: mostly a line drive that is caught with two runners gone.',
            self::TurnBack => 'Charge, see that the ball is another’s, and go back to the bag.',
            self::Wheel => 'Corners charge, shortstop to third, second baseman to first: all for the out at third.',
        };
    }
}
