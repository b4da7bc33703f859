<?php

declare(strict_types=1);

namespace FoxCorner\App\Archive;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\May;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\MembershipRepository;
use FoxCorner\App\Club\ShortName;
use FoxCorner\App\Club\Team;
use FoxCorner\App\People\Happenings;
use FoxCorner\App\Practice\Solving\SolveJobs;
use FoxCorner\App\Practice\Solving\SolveKind;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Takes the data of a team or a club out, and brings them in: first a look, written only when that is confirmed. */
final class ArchivePage extends AbstractController
{
    public function __construct(
        private readonly ArchiveWriter $writer,
        private readonly KeptUpload $kept,
        private readonly SolveJobs $jobs,
        private readonly MembershipRepository $memberships,
        private readonly EntityManagerInterface $entities,
        private readonly Happenings $happenings,
    ) {}

    #[Route('/{team}/club/team.zip', name: 'export_team', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function team(Membership $membership): Response
    {
        $membership->mustBe(May::People);
        $team = $membership->team;

        return $this->sent($membership, 'team', $team->name, [$team]);
    }

    #[Route('/{team}/club/all.zip', name: 'export_club', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function club(Membership $membership): Response
    {
        $membership->mustBe(May::People);
        $club = $membership->team->club;
        foreach ($this->memberships->ledByOthers($membership) as $team) {
            throw $this->createAccessDeniedException("The $team->name have another head coach.");
        }
        $teams = $this->entities->getRepository(Team::class)->findBy(['club' => $club], ['id' => 'ASC']);

        return [] === $teams
            ? throw $this->createNotFoundException()
            : $this->sent($membership, 'club', $club->name, $teams);
    }

    #[Route('/{team}/club/import', name: 'read_archive', methods: ['GET', 'POST'])]
    public function read(Membership $membership, Request $request): Response
    {
        $membership->mustBe(May::People);
        if (!$request->isMethod('POST')) {
            return $this->shown($this->lookedOver($membership, $request->query->getString('job')), null);
        }
        if (!$this->isCsrfTokenValid('change', $request->request->getString('_token'))) {
            return $this->shown(null, Refused::because('page', 'it was open for long', 'choosing the file again'));
        }
        $file = $request->files->get('file');
        try {
            if (!($file instanceof UploadedFile) || !$file->isValid()) {
                throw Refused::because(
                    'file',
                    $file instanceof UploadedFile ? 'it did not come whole' : 'none is chosen',
                    'an archive as Fox Corner writes it, up to 15 MB',
                );
            }
            ArchiveReader::glance($file->getPathname());
            $this->kept->keep($membership->account, $file->getPathname());

            return $this->waitFor(SolveKind::Look, $membership);
        } catch (Problem $problem) {
            return $this->shown(null, $problem);
        }
    }

    #[Route('/{team}/club/import/now', name: 'import_archive', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function take(Membership $membership): Response
    {
        $membership->mustBe(May::People);
        try {
            $this->kept->path($membership->account);

            return $this->waitFor(SolveKind::BringIn, $membership);
        } catch (Problem $problem) {
            return $this->shown(null, $problem);
        }
    }

    /** @throws Problem */
    private function waitFor(SolveKind $kind, Membership $membership): Response
    {
        $id = $membership->account->id()->toRfc4122();
        $job = $this->jobs->ask($membership->team, $membership->account, $kind, $id, []);

        return $this->redirectToRoute(
            'solving',
            ['team' => $membership->team->address(), 'job' => $job->id()],
            Response::HTTP_SEE_OTHER,
        );
    }

    /** What a worker has found in the archive that this coach looks over. */
    private function lookedOver(Membership $membership, string $id): ?ArchiveSummary
    {
        $job = $this->jobs->inTeam($membership->team, $id);
        $found = SolveKind::Look === $job?->kind && $job->by === $membership->account ? $job->outcome()?->found : null;

        return null === $found || '' === $found ? null : ArchiveSummary::read($found);
    }

    private function shown(?ArchiveSummary $archive, ?Problem $problem): Response
    {
        return $this->render(
            'archive/read.html.twig',
            ['archive' => $archive, 'problem' => $problem],
            new Response(status: null === $problem ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }

    /** @param non-empty-list<Team> $teams */
    private function sent(Membership $membership, string $what, string $name, array $teams): Response
    {
        try {
            $bytes = $this->writer->of($what, $name, $teams);
        } catch (Problem $problem) {
            return $this->shown(null, $problem);
        }
        $this->happenings->note($membership->team, $membership->account, "took the data of $name out");
        $this->entities->flush();

        return new Response($bytes, Response::HTTP_OK, [
            'Content-Type' => 'application/zip',
            'Content-Disposition' => HeaderUtils::makeDisposition(
                HeaderUtils::DISPOSITION_ATTACHMENT,
                ShortName::of($name) . '.zip',
            ),
        ]);
    }
}
