<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use Doctrine\ORM\Events;
use FoxCorner\App\Ahead\ReckonAhead;
use FoxCorner\App\Ahead\ReckonFigures;
use FoxCorner\App\Club\Team;
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

    public function testWhatNobodyWantsAnyMoreIsLeftThere(): void
    {
        $coach = $this->signIn();
        $job = new SolveJob($this->newTeam($coach), $coach, SolveKind::Ahead, '', '{}', self::now());
        $work = self::getContainer()->get(ReckonFigures::class);

        self::assertNull($work->do($job)->problem(), 'without nine there is nothing to do');
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
