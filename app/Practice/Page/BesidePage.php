<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Page;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Live\PracticeAsSeen;
use FoxCorner\App\Practice\Sheet\SheetCodec;
use FoxCorner\App\Practice\Solving\OtherSheet;
use FoxCorner\App\Practice\Solving\SolveJobs;
use FoxCorner\App\Undo\Undo;
use FoxCorner\App\Undo\Watched;
use FoxCorner\Core\Problem\Problem;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Two sheets of one practice side by side: the one that is kept, and another that was found. */
final class BesidePage extends AbstractController
{
    public function __construct(
        private readonly SolveJobs $jobs,
        private readonly SheetCodec $codec,
        private readonly PracticeAsSeen $asSeen,
        private readonly Undo $undo,
    ) {}

    #[Route('/{team}/practice/{practice}/beside/{job}', name: 'practice_beside', methods: ['GET'])]
    public function show(Membership $membership, Practice $practice, string $job): Response
    {
        $membership->mustBeAbleToChange();

        $found = $this->found($membership, $practice, $job);

        $other = $this->codec->of($found->sheet);

        return $this->render('practice/beside.html.twig', [
            'practice' => $practice,
            'job' => $job,
            'kept' => $this->codec->read($practice),
            'was' => $found->was,
            'other' => $other,
            'title' => self::title($other->objective - $found->was),
        ]);
    }

    #[Route('/{team}/practice/{practice}/beside/{job}', name: 'take_beside', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function take(Membership $membership, Practice $practice, string $job, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $other = $this->found($membership, $practice, $job);
        try {
            $this->asSeen->check($practice, $request->request->getString('version'));
            $step = $this->undo->record(
                $membership->team,
                $membership->account,
                'Another sheet taken: ' . $practice->words(),
                [Watched::row('practice', $practice->id())],
                static fn() => $practice->arrange($other->setup, $other->sheet),
            );
            $this->addFlash('done', 'The other sheet is the practice now.');
            null === $step ? null : $this->addFlash('undo', $step->id()->toRfc4122());
        } catch (Problem $problem) {
            $this->addFlash('problem', $problem->sentence());
        }

        return $this->redirectToRoute(
            'practice',
            ['team' => $membership->team->address(), 'practice' => $practice->address()],
            Response::HTTP_SEE_OTHER,
        );
    }

    private function found(Membership $membership, Practice $practice, string $job): OtherSheet
    {
        $found = $this->jobs->inTeam($membership->team, $job);

        return ($found?->practice === $practice->id()->toRfc4122() ? $found->outcome()?->beside : null) ??
            throw $this->createNotFoundException();
    }

    /** @param float $more points of the other one, less those of the one that is kept */
    private static function title(float $more): string
    {
        $points = abs((int) round($more));

        return match (true) {
            0 === $points => 'Another way, as good as yours',
            $more > 0.0 => "Another way, better by $points points",
            default => "Another way, worse by $points points",
        };
    }
}
