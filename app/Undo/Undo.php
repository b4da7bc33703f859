<?php

declare(strict_types=1);

namespace FoxCorner\App\Undo;

use Doctrine\DBAL\Exception\ConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Team;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Psr\Clock\ClockInterface;

/**
 * Makes a change so that it can be taken back: the rows that it may touch are looked at before and after it.
 *
 * One way for everything that is rows; the plan has its own steps, since it is one document.
 */
final readonly class Undo
{
    public function __construct(
        private EntityManagerInterface $entities,
        private UndoStepRepository $steps,
        private ClockInterface $clock,
    ) {}

    /**
     * Everything or nothing.
     *
     * @param string           $words   as in "Marsh is off the roster"
     * @param list<Watched>    $watched what hangs on a row comes after it
     * @param callable(): void $change  may persist and remove; it is flushed here
     *
     * @return UndoStep|null null when nothing changed
     */
    public function record(Team $team, Account $by, string $words, array $watched, callable $change): ?UndoStep
    {
        return $this->entities->wrapInTransaction(function () use ($team, $by, $words, $watched, $change): ?UndoStep {
            $connection = $this->entities->getConnection();
            $before = array_map(static fn(Watched $one): array => $one->read($connection), $watched);
            $change();
            $this->entities->flush();
            $changes = [];
            foreach ($watched as $index => $one) {
                array_push($changes, ...RowChange::between($one->table, $before[$index], $one->read($connection)));
            }
            if ([] === $changes) {
                return null;
            }
            $step = new UndoStep(
                $team,
                mb_substr($words, 0, 160),
                RowChange::write($changes),
                $by,
                $this->clock->now(),
            );
            $this->entities->persist($step);
            $this->steps->dropOld($team);

            return $step;
        });
    }

    /** @throws Problem when it was taken back already, or something else stands there by now */
    public function takeBack(UndoStep $step): void
    {
        if ($step->isUndone()) {
            throw Refused::because('undo', 'it is taken back already', 'something that still stands');
        }
        $changes = RowChange::read($step->changes);
        // What goes makes room, what hangs on a row before the row; what is made again comes in order, parents first.
        $ordered = [
            ...array_reverse(array_filter($changes, static fn(RowChange $one): bool => $one->goes())),
            ...array_filter($changes, static fn(RowChange $one): bool => $one->makes()),
            ...array_filter($changes, static fn(RowChange $one): bool => !$one->goes() && !$one->makes()),
        ];
        try {
            $this->entities->wrapInTransaction(function () use ($step, $ordered): void {
                foreach ($ordered as $one) {
                    $one->takeBack($this->entities->getConnection());
                }
                $step->takeBack();
            });
        } catch (ConstraintViolationException) {
            throw Refused::because(
                'undo',
                'its place is taken by something else, as a shirt number by another player',
                'making room first',
            );
        }
    }
}
