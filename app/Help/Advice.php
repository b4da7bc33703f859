<?php

declare(strict_types=1);

namespace FoxCorner\App\Help;

/** What the help says of a place: what it is for, how to go about it, and which words stand there. */
final readonly class Advice
{
    /**
     * @param list<string> $how   one thing to do each
     * @param list<Word>   $words
     */
    private function __construct(public string $what, public array $how, public array $words = []) {}

    public static function on(Topic $topic): self
    {
        return match ($topic) {
            Topic::Today => new self(
                'What to mend before the next practice, and what that practice is.',
                [
                    'The drawing is the worst fault at the moment at which it shows; “Draw it” draws another.',
                    'A dark button mends it: the fielder starts elsewhere in that situation. It can be undone.',
                    'Hatched bars are what the next practice adds; a russet figure stays short all the same.',
                ],
                [Word::Finding, Word::Coverage],
            ),
            Topic::Team => new self('Who plays, how quick and how strong they are, and on which field.', [
                'A figure with ≈ is the level’s own; the stopwatch replaces it, and the plan moves.',
                'A limit with its last day keeps an arm out of throws; nobody but coaches sees it.',
                'Lineup: touch two on the drawing to change places; what is left open is placed by the roster.',
            ]),
            Topic::Stopwatch => new self('Times taken on the field; every try is kept, the median counts.', [
                'Start when the bat meets the ball, touch the name when the foot is on the bag: that saves it.',
                'Split keeps a time while the watch runs on.',
                'A try far from the others is marked and can be taken out.',
            ]),
            Topic::Situations => new self(
                'All 24 situations with the call of each, for one inning, score and batter.',
                [
                    'Choose inning, score, batter and count; what then differs from the base plan is marked.',
                    'A number counts findings; press a cell for where they stand and its plays.',
                    'The walk-off sheet has every player’s own paces, to print.',
                ],
                [Word::Alignment, Word::DoublePlay, Word::Halfway, Word::Corners],
            ),
            Topic::Rules => new self(
                'Why somebody stands where he stands: rules from the top, the later one decides.',
                [
                    'Earlier and Later change the order; Off keeps a rule without using it.',
                    'While you type a rule the page counts in how many of the 24 it changes something.',
                    'Depths are your own figures, words and signs; they are used everywhere.',
                ],
                [Word::Depth, Word::Shade, Word::Creep],
            ),
            Topic::Field => new self(
                'One situation, to scale: where the nine stand, who has which ball, plays on a clock.',
                [
                    'Touch the bags and outs of the strip, or press 1, 2, 3 and O.',
                    'Drag a fielder; or press one and then where to; or use the arrow keys. Save it, or undo it.',
                    '“Infield” looks from near. On a play drag the bar, or press P, comma and full stop.',
                ],
                [Word::Alignment, Word::Creep, Word::Shade, Word::LeadOut],
            ),
            Topic::Bunts => new self(
                'Bunt coverages: where on the ground a bunt beats one, and what the batter may do instead.',
                [
                    'This ball runs one bunt; All balls is the map: touch a spot to run it.',
                    '“Beside it” lays a second one next to it and shows where they differ.',
                    'Coverages compares them, and has the out you want here with its price.',
                ],
                [Word::LeadOut, Word::Wheel, Word::Charge, Word::TurnBack, Word::Converge, Word::BreakEven],
            ),
            Topic::Coverage => new self(
                'A coverage drawn up by you, with the audit looking on.',
                [
                    'Choose a ball, then press a fielder: field, cover, back up, turn back or charge.',
                    'Or drag him onto a bag, behind it, or to the ball. The table has the same, for keys.',
                    'Struck through is what is played now; large is yours. Nothing is saved until you save it.',
                ],
                [Word::Converge, Word::TurnBack, Word::BackUp, Word::LeadOut],
            ),
            Topic::GroundBalls => new self(
                'Ground balls: one or two, by how hard it is hit and who runs.',
                [
                    'Touch where it rolls; choose how hard and how long he runs.',
                    'The chart says when to stop trying for two; the ring is this ball.',
                    'The feed and the pivot are drawn by foot, for both sides of the bag.',
                ],
                [Word::Feed, Word::Pivot, Word::Force, Word::LeadOut],
            ),
            Topic::Outfield => new self(
                'Balls to the outfield: who cuts, who trails, how far the runners go.',
                [
                    'Touch the grass or drag the ball; choose on the ground, on a line or in the air.',
                    'The zone is where the cutoff man may stand at little loss; beside it what a stride off costs.',
                    'One position’s view says where to go and what to look at, in paces.',
                ],
                [Word::Cut, Word::Trail, Word::Tandem, Word::BackUp],
            ),
            Topic::Runners => new self(
                'How far off he may be, from where a steal pays, who holds, what a pick does.',
                [
                    'Inside the alarm line let him be; between the lines the throw has him; beyond, he goes.',
                    'Pitcher, catcher and runner are chosen above; measured times replace estimates.',
                    'Count steals and picks takes them with the thumb during a game.',
                ],
                [Word::Daylight, Word::Rundown, Word::Hang],
            ),
            Topic::Practice => new self('Practices made from what the plan and the game ask.', [
                'Say who comes, who helps, what is in the shed and how long; it is solved in a few seconds.',
                'Lock a group and solve again; move a station by a drag or by two presses; take drills out and in.',
                'What stays short says why. The sheet prints on a page, with cards for the stations.',
            ]),
            Topic::Needs => new self('Which job wants how many repetitions, and why.', [
                'Hands fade in days, who covers in weeks; what was graded low comes first.',
                'Season shows what builds on what and what each week added.',
            ]),
            Topic::Drills => new self('Drills with set-up, steps, what to look for and what goes wrong.', [
                'Play one repetition on your field’s clock. Copy a drill to change it, or write your own.',
                'A drill put away stays on old sheets.',
            ]),
            Topic::Week => new self('The week on your field, and every arm’s throws.', [
                'Read a calendar to see games and other teams; practices then go around them.',
                'Throws are those at game distance at the stations. Count pitches: arms rest by your league’s table.',
            ]),
            Topic::Run => new self('The practice on one clock, on every phone.', [
                'Press a station to count with the thumb; what the net does not take stays on the phone.',
                'Pause for water, rain or lightning. “Back” undoes a step that came too soon, “Not yet” a start.',
                'Afterwards grade in a minute: that is what the next practice starts from.',
            ]),
            Topic::People => new self('Who is in, as what, and what may be read without an account.', [
                'Invite by link or mail; a link is for one person, once, for two weeks.',
                'The table says what head coach, assistant, player and guardian may do.',
                'A shared link shows one thing for some days, by numbers unless you allow names.',
            ]),
            Topic::Club => new self('The club’s teams, and all their data as one file of yours.', [
                'Take the data out as a zip that any program can read; read it in as something new, after a look.',
                'Ending a team or the club is for good; take the data out before.',
            ]),
            Topic::You => new self('You: account, teams, and how things are shown on this device.', [
                'Metres, twelve hours, Letter, day or night and keys are chosen here, for this device alone.',
                'What was changed lately can be taken back for thirty days.',
            ]),
        };
    }
}
