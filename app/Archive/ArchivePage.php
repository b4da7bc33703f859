<?php

declare(strict_types=1);

namespace FoxCorner\App\Archive;

use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\May;
use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\MembershipRepository;
use FoxCorner\App\Club\ShortName;
use FoxCorner\App\Club\Team;
use FoxCorner\App\People\Happenings;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Filesystem\Filesystem;
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
        private readonly ArchiveImport $import,
        private readonly MembershipRepository $memberships,
        private readonly EntityManagerInterface $entities,
        private readonly Happenings $happenings,
        #[Autowire('%env(FOX_RUN_DIR)%/imports')] private readonly string $folder,
        private readonly Filesystem $files = new Filesystem(),
    ) {}

    #[Route('/{team}/club/team.zip', name: 'export_team', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function team(Membership $membership): Response
    {
        $membership->mustBe(May::People);
        $team = $membership->team;

        return $this->sent($membership, $this->writer->of('team', $team->name, [$team]), $team->name);
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
            : $this->sent($membership, $this->writer->of('club', $club->name, $teams), $club->name);
    }

    #[Route('/{team}/club/import', name: 'read_archive', methods: ['GET', 'POST'])]
    public function read(Membership $membership, Request $request): Response
    {
        $membership->mustBe(May::People);
        if (!$request->isMethod('POST')) {
            return $this->render('archive/read.html.twig', ['archive' => null, 'problem' => null]);
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
            $archive = ArchiveReader::read($file->getPathname());
            $this->files->mkdir($this->folder, 0o700);
            $this->files->copy($file->getPathname(), $this->kept($membership->account), true);
        } catch (Problem $problem) {
            return $this->shown(null, $problem);
        }

        return $this->shown($archive, null);
    }

    #[Route('/{team}/club/import/now', name: 'import_archive', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function take(Membership $membership): Response
    {
        $membership->mustBe(May::People);
        $kept = $this->kept($membership->account);
        try {
            if (!is_file($kept)) {
                throw Refused::because('file', 'it was taken already, or long ago', 'choosing it again');
            }
            $archive = ArchiveReader::read($kept);
            $teams = $this->import->into(
                $archive->isClub() ? null : $membership->team->club,
                $archive,
                $membership->account,
            );
        } catch (Problem $problem) {
            return $this->shown(null, $problem);
        }
        $this->files->remove($kept);
        foreach ($teams as $team) {
            $this->happenings->note($team, $membership->account, 'brought the team in from an archive');
        }
        $this->entities->flush();
        $this->addFlash(
            'done',
            \count($teams) > 1 ? 'The club is here, as it was.' : "The {$teams[0]->name} are here, as they were.",
        );

        return $this->redirectToRoute('today', ['team' => $teams[0]->address()], Response::HTTP_SEE_OTHER);
    }

    private function shown(?Archive $archive, ?Problem $problem): Response
    {
        return $this->render(
            'archive/read.html.twig',
            ['archive' => $archive, 'problem' => $problem],
            new Response(status: null === $problem ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }

    /** Where the file that somebody looks over waits until he says yes. */
    private function kept(Account $account): string
    {
        return "$this->folder/{$account->id()->toRfc4122()}.zip";
    }

    private function sent(Membership $membership, string $bytes, string $name): Response
    {
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
