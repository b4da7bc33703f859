<?php

declare(strict_types=1);

namespace FoxCorner\App\Setup;

use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use FoxCorner\App\Access\NewPassword;
use FoxCorner\App\Club\Account;
use FoxCorner\App\Club\Club;
use FoxCorner\App\Club\Door\House;
use FoxCorner\App\Club\Email;
use FoxCorner\App\Club\Founding;
use FoxCorner\App\Club\Team;
use FoxCorner\App\Shared\Database\OneAtATime;
use FoxCorner\App\Shared\Drawing\FieldDrawing;
use FoxCorner\App\Shared\ProblemOnForm;
use FoxCorner\Core\Field\RuleSet;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Level\Level;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Problem\WrongLength;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The first page of a house in which nobody lives but the demo: a club, a team and its head coach. */
final class SetupPage extends AbstractController
{
    public function __construct(
        private readonly House $house,
        private readonly SetupCode $code,
        private readonly OneAtATime $one,
        private readonly Founding $founding,
        private readonly NewPassword $passwords,
        private readonly EntityManagerInterface $entities,
        private readonly Security $security,
    ) {}

    #[Route('/setup', name: 'setup', methods: ['GET', 'POST'])]
    public function begin(Request $request): Response
    {
        if (!$this->house->isOpen()) {
            return $this->redirectToRoute('sign_in');
        }
        $draft = new StartDraft();
        $draft->code = mb_substr($request->query->getString('code'), 0, 40);
        $form = $this->createForm(StartForm::class, $draft);
        $form->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            $team = $this->alone($form);
            if (null !== $team) {
                return $this->redirectToRoute('today', ['team' => $team->address()], Response::HTTP_SEE_OTHER);
            }
        }
        $rules = array_map(
            static fn(Level $level): RuleSet => ShippedRuleSets::get($level->usualRules()),
            Level::cases(),
        );

        return $this->render('setup/start.html.twig', [
            'form' => $form,
            'levels' => array_combine(array_column(Level::cases(), 'value'), $rules),
            'drawings' => array_combine(
                array_column(Level::cases(), 'value'),
                array_map(FieldDrawing::whole(...), $rules),
            ),
            'beside' => !$this->house->isEmpty(),
        ]);
    }

    /**
     * Of those who come at the same moment, one begins.
     *
     * @param FormInterface<StartDraft> $form
     */
    private function alone(FormInterface $form): ?Team
    {
        try {
            return $this->one->run(
                'setup',
                fn(): ?Team => $this->house->isOpen()
                    ? $this->found($form)
                    : throw Refused::because('club', 'somebody has just begun one', 'signing in, or an invitation'),
            );
        } catch (Problem $problem) {
            ProblemOnForm::show($form, $problem);

            return null;
        }
    }

    /** @param FormInterface<StartDraft> $form */
    private function found(FormInterface $form): ?Team
    {
        $draft = $form->getData();
        try {
            $this->code->mustBe((string) $draft->code);
            $club = WrongLength::unlessBetween('club', (string) $draft->club, 1, Club::LONGEST);
            $name = WrongLength::unlessBetween('team', (string) $draft->team, 1, Team::LONGEST);
            $coach = new Account(
                Email::of((string) $draft->email),
                WrongLength::unlessBetween('name', (string) $draft->name, 1, Account::LONGEST),
            );
            $this->passwords->give($coach, (string) $draft->password);
            $team = $this->founding->found($club, $name, $draft->played(), null, $coach);
            $this->entities->flush();
        } catch (UniqueConstraintViolationException) {
            ProblemOnForm::show($form, Refused::because('email', 'it has an account', 'signing in with it'));

            return null;
        } catch (Problem $problem) {
            ProblemOnForm::show($form, $problem);

            return null;
        }
        $this->security->login($coach, 'form_login', 'main');

        return $team;
    }
}
