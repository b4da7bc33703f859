<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Solving\Solve;
use FoxCorner\App\Practice\Solving\SolveHandler;
use FoxCorner\App\Practice\Solving\SolveJob;
use FoxCorner\App\Practice\Solving\SolveJobs;
use FoxCorner\App\Practice\Solving\SolveKind;
use FoxCorner\App\Practice\Solving\SolveState;
use FoxCorner\App\Shared\Time\Instant;

/** Practices are solved by workers: who waits for what, and what becomes of it. */
final class SolvingTest extends AppTestCase
{
    use SolvingJobs;

    public function testOneOfATeamAtATimeAndOthersWaitWithAWord(): void
    {
        $this->running();
        $this->signIn();
        $practice = $this->practice();
        $this->open($this->team(), "/practice/{$practice->id()}");
        $this->browser->submitForm('Solve again');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('h1', 'The practice is being solved again');
        self::assertSelectorTextContains('main', '1 other comes first.');
        $job = $this->job(SolveKind::Arrange);
        self::assertSame(SolveState::Waiting, $job->state());

        $this->entities()
            ->getConnection()
            ->executeStatement(
                "UPDATE solve_job SET state = 'done', outcome = " .
                    "'{\"done\":\"\",\"undo\":null,\"figures\":{},\"refused\":null}' WHERE kind = 'people'",
            );
        self::getContainer()->get(SolveHandler::class)(new Solve());
        $this->open($this->team(), "/practice/solving/{$job->id()}");
        self::assertResponseRedirects("/kites/practice/{$practice->address()}");
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.good', 'Solved again');
    }

    public function testAnotherTeamIsNotHeldUp(): void
    {
        $this->running();
        $this->signIn();
        $terns = $this->team('Terns');
        $practice = $this->entities()
            ->getRepository(Practice::class)
            ->findOneBy(['team' => $terns]);
        $this->open($terns, "/practice/{$practice?->id()}");
        $this->browser->submitForm('Solve again');
        $this->follow();

        self::assertSelectorTextContains('.good', 'Solved again');
    }

    public function testWhatGoesOnBehindAPageHoldsUpNothing(): void
    {
        $this->running(kind: SolveKind::Ways);
        $behind = $this->waiting(SolveKind::Search);
        $asked = $this->waiting(SolveKind::Arrange);
        $jobs = self::getContainer()->get(SolveJobs::class);

        self::assertEquals($asked->id(), $jobs->next());
        self::assertNull($jobs->next(), 'one of them at a time');
        self::assertSame(SolveState::Waiting, $behind->state());
    }

    public function testWhatIsAskedComesBeforeWhatGoesOnBehind(): void
    {
        $behind = $this->waiting(SolveKind::Ways);
        $asked = $this->waiting(SolveKind::Arrange);
        $jobs = self::getContainer()->get(SolveJobs::class);

        self::assertEquals($asked->id(), $jobs->next());
        self::assertEquals($behind->id(), $jobs->next());
        self::assertNull($jobs->next());
    }

    public function testWaysOutOfASheetThatIsGoneAreNotTriedAndNeverRefuseACoach(): void
    {
        foreach (range(1, 4) as $_) {
            $this->running(kind: SolveKind::Search);
        }
        $old = $this->waiting(SolveKind::Ways);
        $this->signIn();
        $this->open($this->team(), "/practice/{$this->practice()->id()}");
        $this->browser->submitForm('Solve again');
        $this->follow();
        self::assertSelectorTextContains('.good', 'Solved again');
        $token = $this->browser->getCrawler()->filter('[data-arrange]')->attr('data-token');
        $address = "/{$this->team()->id()}/practice/{$this->practice()->id()}/ways";
        $this->browser->request('POST', $address, ['_token' => $token]);
        self::assertResponseIsSuccessful();
        $this->entities()->clear();
        $old = $this->entities()->find(SolveJob::class, $old->id());

        self::assertSame(SolveState::Dropped, $old?->state());
    }

    public function testATeamHasFourAtMostAndWhatWasTypedStays(): void
    {
        foreach (range(1, 4) as $_) {
            $this->running();
        }
        $this->signIn();
        $this->open($this->team(), '/practice/new');
        $this->browser->submitForm('Make the practice', ['practice_form[place]' => 'Top field']);

        self::assertSelectorTextContains('[role=alert]', '4 of your team’s practices are being solved already');
        self::assertInputValueSame('practice_form[place]', 'Top field');
        self::assertSame(4, $this->entities()->getRepository(SolveJob::class)->count([]));
    }

    public function testAWorkerThatDiedDoesNotHoldItsTeam(): void
    {
        $dead = $this->running('-61 seconds');
        $waiting = $this->waiting();
        $jobs = self::getContainer()->get(SolveJobs::class);

        self::assertEquals($dead->id(), $jobs->next(), 'it is taken up by another');
        self::assertNull($jobs->next(), 'and holds the team again');
        $this->entities()
            ->getConnection()
            ->executeStatement("UPDATE solve_job SET state = 'done' WHERE id = ?", [$dead->id()->toBinary()]);
        self::assertEquals($waiting->id(), $jobs->next());
    }

    public function testWhatNobodyWantsAnyMoreChangesNothing(): void
    {
        $this->running();
        $this->signIn();
        $practice = $this->practice();
        $before = $practice->sheet() . $practice->setup();
        $this->open($this->team(), "/practice/{$practice->id()}");
        $this->browser->submitForm('Solve again');
        $this->browser->followRedirect();
        $this->browser->submitForm('Stop');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('.good', 'Stopped. Nothing was changed.');
        $job = $this->job(SolveKind::Arrange);
        self::getContainer()->get(SolveHandler::class)(new Solve());
        $this->entities()->clear();

        self::assertSame($before, $this->practice()->sheet() . $this->practice()->setup());
    }

    public function testWhatWasChangedMeanwhileIsNotOverwritten(): void
    {
        $this->signIn();
        $practice = $this->practice();
        $job = new SolveJob(
            $this->team(),
            $this->signIn(),
            SolveKind::Arrange,
            $practice->id()->toRfc4122(),
            json_encode(['setup' => $practice->setup(), 'version' => $practice->version() - 1], \JSON_THROW_ON_ERROR),
            self::now(),
        );
        $this->answered($job);

        self::assertSelectorTextContains('.finding', 'Somebody else has changed it');
    }

    private function running(string $since = 'now', SolveKind $kind = SolveKind::People): SolveJob
    {
        $job = $this->waiting($kind);
        $this->entities()
            ->getConnection()
            ->executeStatement("UPDATE solve_job SET state = 'running', begun_at = ? WHERE id = ?", [
                Instant::written(self::now($since)),
                $job->id()->toBinary(),
            ]);

        return $job;
    }

    private function waiting(SolveKind $kind = SolveKind::People): SolveJob
    {
        $coach =
            $this->entities()
                ->getRepository(\FoxCorner\App\Club\Account::class)
                ->findOneBy(['email' => 'coach@saltmarsh.example']) ?? self::fail('The demo has a coach.');
        $job = new SolveJob(
            $this->team(),
            $coach,
            $kind,
            $this->practice()->id()->toRfc4122(),
            '{"print":"x"}',
            self::now(),
        );
        $this->entities()->persist($job);
        $this->entities()->flush();

        return $job;
    }

    private function job(SolveKind $kind): SolveJob
    {
        $this->entities()->clear();

        return $this->entities()
            ->getRepository(SolveJob::class)
            ->findOneBy(['kind' => $kind]) ?? self::fail('It was asked for.');
    }
}
