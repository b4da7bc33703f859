<?php

declare(strict_types=1);

namespace FoxCorner\App\Undo;

use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;

/**
 * A page that says what it has done and, where something has changed, offers to take it back.
 *
 * @phpstan-require-extends AbstractController
 */
trait OffersUndo
{
    /** @param UndoStep|null $step as {@see Undo::record} gives it */
    private function doneOrUndone(string $sentence, ?UndoStep $step): void
    {
        $this->addFlash('done', $sentence);
        if (null !== $step) {
            $this->addFlash('undo', $step->id()->toRfc4122());
        }
    }
}
