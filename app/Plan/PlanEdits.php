<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\App\Club\Membership;
use FoxCorner\Core\Problem\Problem;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\HttpFoundation\Session\FlashBagAwareSessionInterface;

/** Makes changes of the plan that pages ask for. */
final readonly class PlanEdits
{
    public function __construct(private PlanDrafts $drafts, private RequestStack $requests) {}

    /** @throws ChangedMeanwhile for a page that shows its form again */
    public function make(Membership $membership, PlanEdit $edit): void
    {
        $membership->mustBeAbleToChange();
        $this->drafts->change($membership, $edit->words, $edit(...));
    }

    /**
     * Makes it, and says on the next page whether it is done; what is done can be undone there.
     *
     * @param string|null $done what to say when it is; null: the words of the change
     *
     * @return bool whether it is done
     */
    public function tell(Membership $membership, PlanEdit $edit, ?string $done = null): bool
    {
        try {
            $this->make($membership, $edit);
            $this->say('done', $done ?? $edit->words . '.');
            $this->say('undo_plan', '1');

            return true;
        } catch (ChangedMeanwhile $problem) {
            $this->say('problem', $problem->getMessage());
        } catch (Problem $problem) {
            $this->refuse($problem);
        }

        return false;
    }

    /** Says on the next page why nothing was changed. */
    public function refuse(Problem $problem): void
    {
        $this->say(
            'problem',
            \sprintf(
                '%s: %s. Allowed: %s. Nothing was changed.',
                ucfirst($problem->field()),
                $problem->wrong(),
                $problem->allowed(),
            ),
        );
    }

    private function say(string $kind, string $words): void
    {
        $session = $this->requests->getSession();
        if ($session instanceof FlashBagAwareSessionInterface) {
            $session->getFlashBag()->add($kind, $words);
        }
    }
}
