<?php

declare(strict_types=1);

namespace FoxCorner\App\Runners;

use FoxCorner\App\Club\PlayerRepository;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Opponents\OpponentRepository;
use FoxCorner\App\Plan\ReadPlan;
use FoxCorner\App\Runners\Log\RunnerEventRepository;
use FoxCorner\Core\Family\Looks\LookMix;
use FoxCorner\Core\Family\Looks\LooksDrawn;
use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Game\Bases;
use FoxCorner\Core\Game\Situation;
use FoxCorner\Core\Known\StealFigures;
use FoxCorner\Core\People\Position;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Play\Cast\BaseRunner;
use FoxCorner\Core\Play\Choice\AfterPlay;
use FoxCorner\Core\Play\Running\Alarm;
use FoxCorner\Core\Play\Running\Battery;
use FoxCorner\Core\Play\Running\Helps;
use FoxCorner\Core\Play\Running\Leads;
use FoxCorner\Core\Play\Running\NamedRunner;
use FoxCorner\Core\Play\Running\StealRace;
use FoxCorner\Core\Play\Running\StealTable;
use FoxCorner\Core\Play\Running\Thief;
use FoxCorner\Core\Play\Running\Toll;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Runs\PlayCost;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Brings together what the page of the runners shows: roster and opponents from storage, the answers from the core. */
final readonly class RunnersDesk
{
    /** Pitches that the card beside the drawing draws for. */
    private const PITCHES = 6;

    public function __construct(
        private PlayerRepository $players,
        private OpponentRepository $opponents,
        private RunnerEventRepository $events,
    ) {}

    /** @throws Problem when the runner is none of theirs */
    public function view(Team $team, ReadPlan $read, RunnersQuery $query, PlayCost $cost, bool $isCoach): RunnersView
    {
        $plan = $read->plan;
        [$rules, $level] = [$plan->state->rules, $plan->level];
        $runners = $this->runners($team, $read, $query->base);
        $runner = self::chosen($runners, $query->runner);
        $battery = Battery::of(
            $level,
            $plan->lineup->at(Position::Pitcher)->traits,
            $plan->lineup->at(Position::Catcher)->traits,
        );
        $lead = $query->lead ?? Leads::held($query->base, $rules);
        $taker = $plan->cast->at(TakerShown::position($query->base, $plan));
        $alarm = Alarm::of(
            $query->base,
            $battery,
            $runner->thief,
            $taker->legs,
            $rules,
            $level,
            $query->pick,
            $query->stands,
        );
        $to = $query->base->next() ?? Base::Home;
        $race = $rules->steals ? StealRace::to($to, $battery, $rules, $level, $query->goes) : null;
        $alarmLine = $alarm->line($query->wanted);
        $pays = self::pays($plan->state->situation, $query->base, $cost);
        $stealLine = $race?->line($runner->thief, $pays);
        $off = null === $query->pick ? $lead : Leads::atThrow($query->pick, $lead, $rules);

        return new RunnersView(
            $query,
            $plan,
            $runner,
            $runners,
            $lead,
            $off,
            $alarm->race,
            $race,
            $alarmLine,
            $stealLine,
            $pays,
            LeadChart::of($alarm->race, $race, $runner->thief, $off, $alarmLine, $stealLine),
            $isCoach && null !== $race ? $this->table($team, $runners, $query, $lead) : null,
            null === $race ? [] : Helps::all($race, $battery, $runner->thief, $lead, $rules),
            Holds::of($query->base, $plan, $cost, $alarm->race),
            LooksDrawn::draw(LookMix::ordinary(), self::PITCHES, new Randomizer(new Mt19937($query->seed))),
        );
    }

    /** How often he must be safe, so that going pays; of a runner who is not on, as if he were there alone. */
    private static function pays(Situation $situation, Base $base, PlayCost $cost): float
    {
        $bases = $situation->bases->has($base) ? $situation->bases : Bases::Empty->toggle($base);

        return (new Toll(new AfterPlay($cost, Situation::of($bases, $situation->outs))))->breakEven($base);
    }

    /** @param list<NamedRunner> $runners */
    private function table(Team $team, array $runners, RunnersQuery $query, float $lead): StealTable
    {
        $roster = $this->players->rosterOf($team);
        $playing = static fn(Position $position): array => array_values(
            array_filter($roster, static fn(RosterPlayer $player): bool => $player->plays($position)),
        );

        return StealTable::of(
            $playing(Position::Pitcher),
            $playing(Position::Catcher),
            $runners,
            $query->base->next() ?? Base::Home,
            $query->goes,
            $lead,
            $team->rules(),
            $team->profile(),
            $this->events->records($team),
            StealFigures::of($team->level())->success,
        );
    }

    /** @return non-empty-list<NamedRunner> whoever is on by the situation, then who was scouted, quickest first */
    private function runners(Team $team, ReadPlan $read, Base $base): array
    {
        $plan = $read->plan;
        $context = $plan->state->context;
        $onBase = BaseRunner::inGame($base, $plan->state, $plan->level);
        $named = [
            new NamedRunner(
                '',
                'R' . $base->value,
                Thief::running($onBase->legs, isset($context->times[$base->value]), $plan->state->rules, $plan->level),
                $context->times[$base->value] ?? null,
            ),
        ];
        $scouted = [];
        foreach ($this->opponents->of($team) as $opponent) {
            foreach ($opponent->batters() as $batter) {
                $seen = $batter->scouted();
                $scouted[] = new NamedRunner(
                    $batter->id()->toRfc4122(),
                    $seen->name,
                    Thief::of($plan->state->rules, $plan->level, $seen->homeToFirst, $seen->bats),
                    $seen->homeToFirst,
                    $seen->goes,
                );
            }
        }
        usort(
            $scouted,
            static fn(NamedRunner $a, NamedRunner $b): int => $b->thief->legs->topSpeed <=> $a->thief->legs->topSpeed,
        );

        return [...$named, ...$scouted];
    }

    /** @param non-empty-list<NamedRunner> $runners */
    private static function chosen(array $runners, ?string $id): NamedRunner
    {
        foreach ($runners as $runner) {
            if ($runner->id === ($id ?? '')) {
                return $runner;
            }
        }

        throw Refused::because('runner', 'nobody of the opponents is meant', 'a batter of an opponent, or nobody');
    }
}
