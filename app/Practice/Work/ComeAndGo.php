<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Work;

use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\SetupCodec;
use FoxCorner\App\Practice\Live\RunRepository;
use FoxCorner\App\Practice\Live\RunsNow;
use FoxCorner\App\Practice\Live\RunState;
use FoxCorner\App\Practice\Live\RunTime;
use FoxCorner\App\Practice\Order\PracticeOrder;
use FoxCorner\App\Practice\Order\PracticeSolver;
use FoxCorner\App\Practice\Sheet\LockedTurns;
use FoxCorner\App\Practice\Sheet\SheetCodec;
use FoxCorner\App\Practice\Solving\SolveJob;
use FoxCorner\App\Practice\Solving\SolveKind;
use FoxCorner\App\Practice\Solving\SolveOutcome;
use FoxCorner\App\Practice\Solving\SolveWork;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Practice\Schedule\KeptTurn;

/** Somebody is late or leaves: the rounds that have not begun are solved again, what was done and what runs stays. */
final readonly class ComeAndGo implements SolveWork
{
    public function __construct(
        private PracticeSolver $solver,
        private SheetCodec $codec,
        private SetupCodec $setups,
        private RunRepository $runs,
        private RunsNow $now,
        private RunTime $time,
        private SolvedPractice $solved,
    ) {}

    public function kind(): SolveKind
    {
        return SolveKind::People;
    }

    public function do(SolveJob $job): SolveOutcome
    {
        $request = Fields::parse($job->request);
        $practice = $this->solved->of($job);
        $player = $request->text('player');
        $comes = array_values(array_unique([...$practice->comes(), $player]));
        $order = new PracticeOrder(
            $practice->team,
            $practice->startsAt(),
            $practice->minutes(),
            $comes,
            $this->setups->read($practice),
        );
        $sheet = $this->codec->write(
            $this->solver->solve($order->keeping($this->keptFor($practice, $player, 'away' === $request->text('is')))),
        );
        $outcome = $this->solved->keep(
            $job,
            $request->text('words'),
            static fn() => $practice->comeNow($comes, $sheet),
            'The rounds to come are solved again.',
        );
        $run = $this->runs->of($practice);
        if (null !== $run) {
            $this->runs->touch($run);
        }

        return $outcome;
    }

    /** @return list<KeptTurn> */
    private function keptFor(Practice $practice, string $player, bool $isAway): array
    {
        $sheet = $this->codec->read($practice);
        $run = $this->now->of($practice);
        $clock = $run?->clock() ?? RunState::ready($sheet);
        $now = $run?->now($this->time) ?? $this->time->wall();
        $kept = [];
        $round = 0;
        foreach ($sheet->blocks as $index => $block) {
            if (!$block->isRound()) {
                continue;
            }
            if (!$clock->isAhead($index, $now)) {
                array_push($kept, ...LockedTurns::whole($round, $block));
                if (!\in_array($player, $practice->comes(), true)) {
                    $kept[] = new KeptTurn($round, $player, null, null, true);
                }
            } else {
                $away = array_map(static fn($one): string => $one->id, $block->away);
                foreach (array_unique($isAway ? [...$away, $player] : array_diff($away, [$player])) as $one) {
                    $kept[] = new KeptTurn($round, $one, null, null, true);
                }
            }
            ++$round;
        }

        return $kept;
    }
}
