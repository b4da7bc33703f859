<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Page;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Practice\Book\PracticeSetup;
use FoxCorner\App\Practice\Book\SetupCodec;
use FoxCorner\App\Practice\Live\PracticeAsSeen;
use FoxCorner\App\Practice\Sheet\LockedTurns;
use FoxCorner\App\Practice\Sheet\SheetChoice;
use FoxCorner\App\Practice\Sheet\SheetCodec;
use FoxCorner\App\Practice\Solving\SolveJob;
use FoxCorner\App\Practice\Solving\SolveJobs;
use FoxCorner\App\Practice\Solving\SolveKind;
use FoxCorner\App\Practice\Solving\TooManyWaiting;
use FoxCorner\Core\Problem\OutOfRange;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\InputBag;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** The coach's hand on a solved practice: stations added, taken out, moved, groups locked; solved again after each. */
final class ArrangePractice extends AbstractController
{
    /** How often "search longer" tries. */
    private const TRIES = 10;
    /** ft; further is off every field. */
    private const FARTHEST = 600.0;
    /** Stations of a practice: more than that nobody can set up. */
    private const MOST_STATIONS = 12;

    public function __construct(
        private readonly SolveJobs $jobs,
        private readonly SheetCodec $codec,
        private readonly SetupCodec $setups,
        private readonly PracticeAsSeen $asSeen,
        private readonly EntityManagerInterface $entities,
    ) {}

    #[Route('/{team}/practice/{practice}/arrange', name: 'arrange_practice', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function arrange(Membership $membership, Practice $practice, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        try {
            $this->asSeen->check($practice, $request->request->getString('version'));
            $job = $this->keep($membership, $practice, $this->wanted($request->request, $practice), $request);
        } catch (Problem $problem) {
            $this->addFlash('problem', $problem->sentence());
            $job = null;
        }

        return null === $job
            ? $this->redirectToRoute(
                'practice',
                ['team' => $membership->team->address(), 'practice' => $practice->address()],
                Response::HTTP_SEE_OTHER,
            )
            : $this->redirectToRoute(
                'solving',
                ['team' => $membership->team->address(), 'job' => $job->id()],
                Response::HTTP_SEE_OTHER,
            );
    }

    /**
     * One more try from another beginning; what is better is kept. The page asks for the next by itself until somebody
     * stops it.
     */
    #[Route('/{team}/practice/{practice}/search', name: 'search_practice', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function search(Membership $membership, Practice $practice, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $request->getSession()->save();
        $try = max(1, min(self::TRIES, (int) $request->request->getString('try')));
        $began = $request->request->getString('began');
        try {
            $known = $this->jobs->inTeam($membership->team, $request->request->getString('job'));
            $job =
                $known ??
                $this->jobs->ask(
                    $membership->team,
                    $membership->account,
                    SolveKind::Search,
                    $practice->id()->toRfc4122(),
                    ['try' => $try],
                );
            if (null !== $job->outcome()?->problem()) {
                throw $job->outcome()->problem();
            }
        } catch (Problem $problem) {
            return new Response(ucfirst($problem->wrong()) . '.', Response::HTTP_UNPROCESSABLE_ENTITY);
        }
        $figures = $job->outcome()->figures ?? null;

        return $this->render('practice/search.html.twig', [
            'practice' => $practice,
            'try' => $try,
            'tries' => self::TRIES,
            'job' => null === $figures ? $job : null,
            'began' => is_numeric($began) ? (float) $began : $figures['before'] ?? null,
            'best' => $figures['best'] ?? null,
        ]);
    }

    #[Route('/{team}/practice/{practice}/ways', name: 'ways_out', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function ways(Membership $membership, ?Practice $practice, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        if (null === $practice) {
            // It was taken off while its page still asked.
            return new Response('', Response::HTTP_NO_CONTENT);
        }
        // Whatever else the coach does meanwhile must not wait for this page's session.
        $request->getSession()->save();
        // The same practice has the same ways out, whoever looks at it.
        $print = hash('xxh128', $practice->setup() . $practice->sheet());
        $job = $this->jobs->latest($membership->team, SolveKind::Ways, $practice->id()->toRfc4122());
        try {
            if (null === $job || !str_contains($job->request, $print)) {
                $job = $this->jobs->ask(
                    $membership->team,
                    $membership->account,
                    SolveKind::Ways,
                    $practice->id()->toRfc4122(),
                    ['print' => $print],
                );
            }
        } catch (TooManyWaiting) {
            // Others of the team wait: so does this, which nobody has asked for.
            $job = null;
        }
        $outcome = $job?->outcome();

        return $this->render('practice/ways.html.twig', [
            'practice' => $practice,
            'waits' => null === $outcome,
            'ways' => \array_slice($outcome->figures ?? [], 0, 4, true),
        ]);
    }

    /**
     * @param InputBag<string> $said
     *
     * @throws Problem
     */
    private function wanted(InputBag $said, Practice $practice): PracticeSetup
    {
        $setup = $this->setups->read($practice);
        $stations =
            $setup->stations ??
            array_map(static fn(SheetChoice $choice): string => $choice->drill, $this->codec->read($practice)->choices);
        if ($said->has('add') && \count($stations) >= self::MOST_STATIONS) {
            throw Refused::because(
                'stations',
                \sprintf('there are %d already', \count($stations)),
                \sprintf('at most %d; take one out first', self::MOST_STATIONS),
            );
        }

        return match (true) {
            $said->has('lock') => $setup->withLockTurned(
                self::known($said->getString('lock'), $this->locks($practice), 'lock'),
            ),
            $said->has('add') => $setup->withStations(
                array_values(array_unique([...$stations, mb_substr($said->getString('add'), 0, 60)])),
            ),
            $said->has('drop') => $setup->withStations(array_values(array_diff($stations, [$said->getString('drop')]))),
            $said->has('move') => $setup
                ->withStations($stations)
                ->withShift(
                    self::known($said->getString('move'), $stations, 'station'),
                    self::feet($said, 'x'),
                    self::feet($said, 'y'),
                ),
            $said->has('choose') => $setup->choosingAgain(),
            $said->has('another') => $setup->withSeed($setup->seed + 1),
            default => $setup,
        };
    }

    /** @return list<string> what can be locked, and what is */
    private function locks(Practice $practice): array
    {
        $keys = $this->setups->read($practice)->locks;
        foreach ($this->codec->read($practice)->rounds() as $round => $block) {
            foreach ($block->stations as $station) {
                $keys[] = LockedTurns::key($round, $station->drill);
            }
        }

        return $keys;
    }

    /** A lock says what stays; nothing is solved for that, and null comes back. */
    private function keep(Membership $membership, Practice $practice, PracticeSetup $setup, Request $request): ?SolveJob
    {
        if ($setup->locks !== $this->setups->read($practice)->locks) {
            $practice->arrange($this->setups->write($setup), $practice->sheet());
            $this->entities->flush();

            return null;
        }
        $request->getSession()->save();

        return $this->jobs->ask(
            $membership->team,
            $membership->account,
            SolveKind::Arrange,
            $practice->id()->toRfc4122(),
            ['setup' => $this->setups->write($setup), 'version' => $practice->version()],
        );
    }

    /** @param list<string> $known */
    private static function known(string $key, array $known, string $field): string
    {
        return \in_array($key, $known, true)
            ? $key
            : throw Refused::because($field, 'it is not on this sheet', 'what the sheet shows');
    }

    /** @param InputBag<string> $said */
    private static function feet(InputBag $said, string $name): float
    {
        $typed = $said->getString($name);
        if (!is_numeric($typed)) {
            throw Refused::because($name, "“{$typed}” is no number", 'feet');
        }

        return OutOfRange::unlessBetween(
            $name,
            (float) $typed,
            -self::FARTHEST,
            self::FARTHEST,
            'feet from where the station belongs',
        );
    }
}
