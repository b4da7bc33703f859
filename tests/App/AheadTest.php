<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use Doctrine\ORM\Events;
use FoxCorner\App\Ahead\ReckonAhead;
use FoxCorner\App\Ahead\ReckonFigures;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Plan\PlanAudits;
use FoxCorner\App\Practice\Solving\SolveJob;
use FoxCorner\App\Practice\Solving\SolveJobs;
use FoxCorner\App\Practice\Solving\SolveKind;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\TerminateEvent;

/** After an edit a worker reckons what pages will ask. */
final class AheadTest extends AppTestCase
{
    public function testAnEditIsFollowedByAWorkerAndALookIsNot(): void
    {
        $coach = $this->signIn();
        $team = $this->newTeam($coach);
        $security = self::createStub(Security::class);
        $security->method('getUser')->willReturn($coach);
        $ahead = new ReckonAhead(self::getContainer()->get(SolveJobs::class), $security, true);
        $this->entities()->getEventManager()->addEventListener(Events::onFlush, $ahead);

        $this->answered($ahead);
        self::assertSame(0, $this->asked($team), 'nothing was changed');
        $team->isAt('herons');
        $this->entities()->flush();
        $this->answered($ahead);
        self::assertSame(1, $this->asked($team));
        $this->answered($ahead);
        self::assertSame(1, $this->asked($team), 'once an edit');

        $this->entities()
            ->getConnection()
            ->executeStatement("UPDATE solve_job SET state = 'waiting' WHERE kind = 'ahead'");
        self::getContainer()->get(SolveJobs::class)->leave($team, $coach, SolveKind::Ahead);
        self::assertSame(1, $this->asked($team), 'one that waits is enough');
    }

    public function testWithoutNineThereIsNothingToReckon(): void
    {
        $coach = $this->signIn();
        $job = new SolveJob($this->newTeam($coach), $coach, SolveKind::Ahead, '', '{}', self::now());

        self::assertNull(self::getContainer()->get(ReckonFigures::class)->do($job)->problem());
    }

    public function testTheWholePlanComesFirstAndWhatNobodyWantsAnyMoreIsLeft(): void
    {
        $coach = $this->signIn();
        // A team whom nobody has looked at: other players, and so other figures.
        $this->entities()->getConnection()->executeStatement('UPDATE player SET arm = 51.3 WHERE number = 8');
        $this->entities()->clear();
        $before = $this->number('SELECT COUNT(*) FROM kept_figure');
        // It is on no list: after the first piece beside the whole plan nobody wants it.
        $job = new SolveJob($this->team(), $coach, SolveKind::Ahead, '', '{}', self::now());
        self::getContainer()->get(ReckonFigures::class)->do($job);
        $audit = self::getContainer()->get(PlanAudits::class)->of($this->team());

        self::assertTrue($audit->isWhole());
        // One of the whole plan, one report of each play, and the ground balls of one situation.
        self::assertSame($before + 1 + \count($audit->plays) + 1, $this->number('SELECT COUNT(*) FROM kept_figure'));
    }

    private function answered(ReckonAhead $ahead): void
    {
        $kernel = self::$kernel;
        self::assertNotNull($kernel);
        $ahead->onTerminate(new TerminateEvent($kernel, new Request(), new Response()));
    }

    private function asked(Team $team): int
    {
        $count = $this->entities()
            ->getConnection()
            ->fetchOne("SELECT COUNT(*) FROM solve_job WHERE kind = 'ahead' AND team_id = ?", [
                $team->id()->toBinary(),
            ]);
        self::assertIsNumeric($count);

        return (int) $count;
    }
}
