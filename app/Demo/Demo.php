<?php

declare(strict_types=1);

namespace FoxCorner\App\Demo;

use Doctrine\DBAL\Exception\ForeignKeyConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Backup\Backups;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Club;
use FoxCorner\App\Club\Door\DemoSignIn;
use FoxCorner\App\Club\Ending;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\Player;
use FoxCorner\App\Club\Role;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Opponents\BatterCsv;
use FoxCorner\App\Opponents\Opponent;
use FoxCorner\App\Plan\Codec\BookCodec;
use FoxCorner\App\Plan\PlanDraft;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Team\ExampleRosters;
use FoxCorner\App\Team\Reading;
use FoxCorner\App\Team\RosterCsv;
use FoxCorner\Core\Alignment\Depth\DepthSpot;
use FoxCorner\Core\Alignment\Depth\NamedDepth;
use FoxCorner\Core\Alignment\KeptSpot;
use FoxCorner\Core\Family\Bunt\BuntFamily;
use FoxCorner\Core\Field\Fence;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\Quantity;
use FoxCorner\Core\Plan\CoverageChoice;
use FoxCorner\Core\Plan\FamilyPlan;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Psr\Clock\ClockInterface;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;

/**
 * The invented Saltmarsh club: two teams, a plan with two findings left in it, a practice last week and one tomorrow.
 */
final readonly class Demo
{
    private const CLUB = 'Saltmarsh';
    private const AT = '@saltmarsh.example';
    private const ACCOUNTS = ['coach' => 'Wren Tolland', 'assistant' => 'Piet Holm', 'player' => 'Marsh'];

    public function __construct(
        private EntityManagerInterface $entities,
        private UserPasswordHasherInterface $hasher,
        private RosterCsv $csv,
        private DemoPractices $practices,
        private BookCodec $books,
        private BatterCsv $batters,
        private DemoRunners $runners,
        private Ending $ending,
        private Backups $backups,
        private ClockInterface $clock,
    ) {}

    /**
     * All of it or nothing.
     *
     * @throws Problem when somebody of this house has an e-mail of the demo's
     */
    public function load(): void
    {
        foreach (self::ACCOUNTS as $who => $_) {
            if (0 < $this->entities->getRepository(Account::class)->count(['email' => $who . self::AT])) {
                throw Refused::because('demo', $who . self::AT . ' is somebody’s own', 'a house without it');
            }
        }
        $this->entities->wrapInTransaction($this->write(...));
    }

    private function write(): void
    {
        $club = new Club(self::CLUB, true);
        $coach = $this->account('coach');
        $this->entities->persist($club);
        $kites = $this->team(
            $club,
            'Kites',
            Level::Fastpitch16,
            $this->atTheSeaWall(ShippedRuleSets::get('fastpitch-43'), 175.0),
            ExampleRosters::KITES,
        );
        $terns = $this->team(
            $club,
            'Terns',
            Level::Youth13,
            $this->atTheSeaWall(ShippedRuleSets::get('baseball-80'), 235.0),
            ExampleRosters::TERNS,
        );
        foreach ([$kites, $terns] as $team) {
            $this->entities->persist(new Membership($coach, $team, Role::HeadCoach));
        }
        $this->entities->persist(new Membership($this->account('assistant'), $kites, Role::Assistant));
        $this->entities->flush();
        $marsh = $this->entities->getRepository(Player::class)->findOneBy(['team' => $kites, 'name' => 'Marsh']);
        $this->entities->persist(new Membership($this->account('player'), $kites, Role::Player, $marsh));
        $this->entities->persist(
            new PlanDraft($kites, $this->books->write($this->planOfTheKites($kites, $coach), $kites->rules())),
        );
        $this->entities->persist(
            new PlanDraft(
                $terns,
                $this->books->write(
                    $this->runners->ofTheTerns(PlanBook::shipped($terns->rules()), $coach),
                    $terns->rules(),
                ),
            ),
        );
        $this->opponents($kites, DemoOpponents::FASTPITCH);
        $this->opponents($terns, DemoOpponents::BASEBALL);
        $this->entities->flush();
        $this->readings($kites, $coach);
        $this->runners->count($kites, $terns, $coach);

        $today = $this->clock->now();
        $this->practices->write($kites, $terns, $today);
    }

    /**
     * Takes off what carries the demo's mark and all that hangs on it, and nothing else. A copy of everything is made
     * first. An account on which somebody's own things hang stays for them, and can be given a new password.
     *
     * @return string|null where the copy is; null when there is no demo
     *
     * @throws Problem when it cannot be made; then nothing is taken off
     */
    public function remove(): ?string
    {
        $clubs = $this->entities->getRepository(Club::class)->findBy(['demo' => true]);
        $accounts = $this->entities->getRepository(Account::class)->findBy(['demo' => true]);
        if ([] === $clubs && [] === $accounts) {
            return null;
        }
        $copy = $this->backups->before('demo');
        foreach ($clubs as $club) {
            $this->ending->club($club);
        }
        $connection = $this->entities->getConnection();
        foreach ($accounts as $account) {
            try {
                $connection->transactional(
                    static fn() => $connection->delete('account', ['id' => $account->id()->toBinary()]),
                );
            } catch (ForeignKeyConstraintViolationException) {
                $this->entities->find(Account::class, $account->id())?->outliveTheDemo();
                $this->entities->flush();
            }
        }
        $this->entities->clear();

        return $copy;
    }

    private function team(Club $club, string $name, Level $level, RuleSet $rules, string $roster): Team
    {
        $team = new Team($club, $name, $level, $rules);
        $team->fieldIsSaved();
        $this->entities->persist($team);
        $reading = $this->csv->read($roster);
        if ([] !== $reading->problems) {
            throw new \LogicException("The demo roster of the $name cannot be read: " . $reading->problems[0]->wrong);
        }
        foreach ($reading->players as $player) {
            $this->entities->persist(new Player($team, $player));
        }

        return $team;
    }

    /**
     * What the coach has decided: a coverage, and a shortstop who starts nearer third where the bunt needs her there.
     */
    private function planOfTheKites(Team $team, Account $coach): PlanBook
    {
        $spot = DepthSpot::of(Position::Shortstop, 22.5, 5.0, $team->rules()->diamond())->point();
        $choice = new CoverageChoice('corners-crash', $coach->name, $this->clock->now()->modify('-8 days'));
        $book = PlanBook::shipped(ShippedRuleSets::get('fastpitch-43'))->withPlays(
            BuntFamily::KEY,
            (new FamilyPlan())->withChoice(Situation::fromKey('R1-0'), $choice),
        );
        foreach (['R1R2-0', 'R1R2-1', 'loaded-0', 'loaded-1'] as $situation) {
            $book = $book->withKept(
                Situation::fromKey($situation),
                new KeptSpot(Position::Shortstop, NamedDepth::DoublePlay, $spot, $coach->name),
            );
        }

        return $this->runners->ofTheKites($book, $coach);
    }

    /** @param array<string, string> $lists batters as CSV by the opponent's name */
    private function opponents(Team $team, array $lists): void
    {
        foreach ($lists as $name => $list) {
            [$batters, $problems] = $this->batters->read($list);
            if ([] !== $problems) {
                throw new \LogicException("The demo batters of $name cannot be read: " . $problems[0]->wrong);
            }
            $opponent = new Opponent($team, $name);
            $opponent->bats($batters);
            $this->entities->persist($opponent);
        }
    }

    /** The right-field fence is short: the sea wall is in the way. */
    private function atTheSeaWall(RuleSet $rules, float $right): RuleSet
    {
        [$left, $leftCenter, $center, $rightCenter] = $rules->fence->feet;

        return $rules->with(fence: Fence::of($left, $leftCenter, $center, $rightCenter - 15, $right));
    }

    /** A few tries with the watch; one was started late. */
    private function readings(Team $team, Account $coach): void
    {
        foreach ([8 => [2.96, 2.94, 2.91], 6 => [3.02, 2.99, 3.61]] as $number => $values) {
            $player = $this->entities->getRepository(Player::class)->findOneBy(['team' => $team, 'number' => $number]);
            foreach ($values as $value) {
                $this->entities->persist(
                    new Reading(
                        $player ?? throw new \LogicException("Nobody wears $number."),
                        Quantity::HomeToFirst,
                        $value,
                        $coach,
                        $this->clock->now()->modify('-9 days'),
                    ),
                );
            }
        }
        $this->entities->flush();
    }

    /** @param key-of<self::ACCOUNTS> $who */
    private function account(string $who): Account
    {
        $account = new Account($who . self::AT, self::ACCOUNTS[$who], true);
        $account->setPasswordHash($this->hasher->hashPassword($account, DemoSignIn::PASSWORD));
        $this->entities->persist($account);

        return $account;
    }
}
