<?php

declare(strict_types=1);

namespace FoxCorner\App\Demo;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Player;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Runners\Log\EventKind;
use FoxCorner\App\Runners\Log\RunnerEvent;
use FoxCorner\Core\Family\FirstThird\FirstThirdFamily;
use FoxCorner\Core\Family\Pickoff\PickoffFamily;
use FoxCorner\Core\Family\Pickoff\PickTrial;
use FoxCorner\Core\Family\Rundown\RundownFamily;
use FoxCorner\Core\Family\Steal\StealFamily;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\Outs;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Plan\CoverageChoice;
use FoxCorner\Core\Plan\FamilyPlan;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Running\PickKind;
use Psr\Clock\ClockInterface;

/** What the demo teams have decided about runners, and what one game of each has counted. */
final readonly class DemoRunners
{
    /** Steals of second by pitcher and catcher: went, caught. */
    private const TERNS = [[14, 10, 5, 2], [14, 22, 2, 0], [20, 10, 4, 1]];
    private const KITES = [[11, 12, 6, 3], [19, 21, 4, 1]];
    /** Looks of a pitcher who has a habit. */
    private const LOOKS = [1, 2, 1, 2, 1, 2, 1, 2, 0, 1, 2, 1];

    public function __construct(private EntityManagerInterface $entities, private ClockInterface $clock) {}

    public function ofTheTerns(PlanBook $book, Account $coach): PlanBook
    {
        $choice = $this->choice('hold-shortstop', $coach);
        $picks = (new FamilyPlan())->withSheet([
            PickTrial::thrown(PickKind::Quick, Base::First, sign: 'None: he throws when he likes'),
            PickTrial::thrown(PickKind::Daylight, Base::Second, sign: 'Glove open'),
            PickTrial::thrown(PickKind::Timed, Base::Second, sign: 'Cap, then belt'),
            PickTrial::thrown(PickKind::CatcherBehind, Base::First, sign: 'Dirt on the hand'),
        ]);
        $answers = new FamilyPlan();
        foreach (Outs::cases() as $outs) {
            $picks = $picks->withChoice(Situation::fromKey('R2-' . $outs->value), $choice);
            $answers = $answers->withChoice(
                Situation::fromKey('R1R3-' . $outs->value),
                $this->choice(Outs::Two === $outs ? 'first-third-through' : 'first-third-read-cut', $coach),
            );
        }

        return $book
            ->withPlays(PickoffFamily::KEY, $picks)
            ->withPlays(FirstThirdFamily::KEY, $answers)
            ->withPlays(RundownFamily::KEY, $this->rundowns('rundown', $coach));
    }

    public function ofTheKites(PlanBook $book, Account $coach): PlanBook
    {
        $answers = new FamilyPlan();
        foreach (Outs::cases() as $outs) {
            $answers = $answers->withChoice(
                Situation::fromKey('R1R3-' . $outs->value),
                $this->choice(Outs::Two === $outs ? 'first-third-through' : 'first-third-to-pitcher', $coach),
            );
        }

        return $book
            ->withPlays(
                PickoffFamily::KEY,
                (new FamilyPlan())->withSheet([
                    PickTrial::thrown(PickKind::CatcherBehind, Base::First, sign: 'Thumb up the mask'),
                    PickTrial::thrown(PickKind::CatcherAfterBunt, Base::Second, sign: 'Every missed bunt'),
                ]),
            )
            ->withPlays(
                StealFamily::KEY,
                (new FamilyPlan())->withChoice(Situation::fromKey('R1-0'), $this->choice('steal-shortstop', $coach)),
            )
            ->withPlays(FirstThirdFamily::KEY, $answers)
            ->withPlays(RundownFamily::KEY, $this->rundowns('rundown-pitcher-out', $coach));
    }

    public function count(Team $kites, Team $terns, Account $coach): void
    {
        foreach ([[$kites, self::KITES], [$terns, self::TERNS]] as [$team, $lines]) {
            foreach ($lines as [$pitcher, $catcher, $went, $caught]) {
                for ($steal = 0; $steal < $went; ++$steal) {
                    $this->event($team, $coach, EventKind::Steal, $pitcher, $catcher, $steal < $caught);
                }
            }
        }
        foreach (self::LOOKS as $looks) {
            $this->event($terns, $coach, EventKind::Looks, 14, 10, null, $looks);
        }
        $this->entities->flush();
    }

    private function rundowns(string $coverage, Account $coach): FamilyPlan
    {
        $plan = new FamilyPlan();
        foreach (['R1', 'R2', 'R3', 'R1R2', 'R1R3', 'R2R3', 'loaded'] as $bases) {
            foreach (Outs::cases() as $outs) {
                $plan = $plan->withChoice(Situation::fromKey("$bases-$outs->value"), $this->choice($coverage, $coach));
            }
        }

        return $plan;
    }

    private function choice(string $coverage, Account $coach): CoverageChoice
    {
        return new CoverageChoice($coverage, $coach->name, $this->clock->now()->modify('-6 days'));
    }

    private function event(
        Team $team,
        Account $coach,
        EventKind $kind,
        int $pitcher,
        int $catcher,
        ?bool $isOut,
        ?int $looks = null,
    ): void {
        $this->entities->persist(
            new RunnerEvent(
                $team,
                $kind,
                Base::Second,
                $isOut,
                $this->player($team, $pitcher),
                $this->player($team, $catcher),
                null,
                null,
                $looks,
                $coach->name,
                $this->clock->now()->modify('-7 days'),
            ),
        );
    }

    private function player(Team $team, int $number): Player
    {
        return $this->entities->getRepository(Player::class)->findOneBy(['team' => $team, 'number' => $number]) ??
            throw new \LogicException("Nobody wears $number.");
    }
}
