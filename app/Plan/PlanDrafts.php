<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Plan\Codec\BookCodec;
use FoxCorner\App\Plan\Codec\Fingerprint;
use FoxCorner\App\Shared\Json\StoredUnreadable;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Problem\Problem;
use Psr\Clock\ClockInterface;
use Symfony\Contracts\Cache\CacheInterface;

/** Reads a team's plan, and changes it step by step; every step can be undone. */
final readonly class PlanDrafts
{
    /** Steps of a team that can be undone; older ones are dropped. */
    private const STEPS = 60;

    public function __construct(
        private EntityManagerInterface $entities,
        private BookCodec $codec,
        private ClockInterface $clock,
        private CacheInterface $cache,
    ) {}

    public function of(Team $team): PlanBook
    {
        $document = $this->find($team)?->document() ?? BookCodec::NOTHING;

        return $this->cache->get(
            'book-' . Fingerprint::of([$document, $team->rules()]),
            fn(): PlanBook => $this->read($document, $team),
        );
    }

    /**
     * Changes the plan as it is at this moment, with the draft locked.
     *
     * @param string                       $words  what is done, as in "6 kept for first, nobody out"
     * @param callable(PlanBook): PlanBook $change throws {@see ChangedMeanwhile} when what it wants to replace is not
     *                                             what its page showed
     *
     * @throws ChangedMeanwhile
     * @throws Problem          when its rules leave somebody without a place
     */
    public function change(Membership $membership, string $words, callable $change): void
    {
        $this->entities->wrapInTransaction(function () use ($membership, $words, $change): void {
            $draft = $this->locked($membership->team);
            $rules = $membership->team->rules();
            $before = $this->read($draft->document(), $membership->team);
            $changed = $change($before);
            if ($changed->rules !== $before->rules) {
                $changed->mustPlaceEverybody($rules);
            }
            $after = $this->codec->write($changed, $rules);
            // The stored document may be one of an older version that says the same.
            if ($after === $this->codec->write($before, $rules)) {
                return;
            }
            // What was undone and not done again is gone once something else is done.
            $this->entities
                ->createQuery('DELETE ' . PlanStep::class . ' step WHERE step.team = :team AND step.undone = true')
                ->setParameter('team', $membership->team->id(), 'uuid')
                ->execute();
            $this->entities->persist(
                new PlanStep(
                    $membership->team,
                    $this->next($membership->team),
                    mb_substr($words, 0, 160),
                    $draft->document(),
                    $after,
                    $membership->account,
                    $this->clock->now(),
                ),
            );
            $draft->write($after);
            $this->dropOld($membership->team);
        });
    }

    /** @return string|null what was undone; null when there is nothing to undo, or the plan has changed otherwise */
    public function undo(Team $team): ?string
    {
        return $this->turn($team, true);
    }

    /** @return string|null what was done again */
    public function redo(Team $team): ?string
    {
        return $this->turn($team, false);
    }

    /** @return array{undo: StepLabel|null, redo: StepLabel|null} what would be undone, and what done again */
    public function steps(Team $team): array
    {
        /** @var list<StepLabel> $labels the latest first */
        $labels = $this->entities
            ->createQuery(
                'SELECT NEW ' .
                    StepLabel::class .
                    '(step.words, account.name, step.at, step.undone) FROM ' .
                    PlanStep::class .
                    ' step JOIN step.by account WHERE step.team = :team ORDER BY step.number DESC',
            )
            ->setParameter('team', $team->id(), 'uuid')
            ->setMaxResults(self::STEPS)
            ->getResult();
        $redo = null;
        foreach ($labels as $label) {
            if (!$label->undone) {
                return ['undo' => $label, 'redo' => $redo];
            }
            $redo = $label;
        }

        return ['undo' => null, 'redo' => $redo];
    }

    private function turn(Team $team, bool $undo): ?string
    {
        return $this->entities->wrapInTransaction(function () use ($team, $undo): ?string {
            $draft = $this->locked($team);
            $step = $this->step($team, !$undo, $undo ? 'DESC' : 'ASC');
            if (null === $step || $draft->document() !== ($undo ? $step->after : $step->before)) {
                return null;
            }
            $draft->write($undo ? $step->before : $step->after);
            $step->turn($undo);

            return $step->words;
        });
    }

    private function read(string $document, Team $team): PlanBook
    {
        return StoredUnreadable::unless('The plan', fn(): PlanBook => $this->codec->read($document, $team->rules()));
    }

    private function locked(Team $team): PlanDraft
    {
        $draft = $this->find($team);
        if (null === $draft) {
            $draft = new PlanDraft($team, BookCodec::NOTHING);
            $this->entities->persist($draft);
            $this->entities->flush();
        }
        $this->entities->refresh($draft, LockMode::PESSIMISTIC_WRITE);

        return $draft;
    }

    private function find(Team $team): ?PlanDraft
    {
        return $this->entities->getRepository(PlanDraft::class)->findOneBy(['team' => $team]);
    }

    private function step(Team $team, bool $undone, string $order): ?PlanStep
    {
        return $this->entities
            ->getRepository(PlanStep::class)
            ->findOneBy(['team' => $team, 'undone' => $undone], ['number' => $order]);
    }

    private function next(Team $team): int
    {
        return 1 +
            (int) $this->entities
                ->createQuery('SELECT MAX(step.number) FROM ' . PlanStep::class . ' step WHERE step.team = :team')
                ->setParameter('team', $team->id(), 'uuid')
                ->getSingleScalarResult();
    }

    private function dropOld(Team $team): void
    {
        $this->entities->flush();
        foreach (
            $this->entities
                ->getRepository(PlanStep::class)
                ->findBy(['team' => $team], ['number' => 'DESC'], 10, self::STEPS) as $old
        ) {
            $this->entities->remove($old);
        }
    }
}
