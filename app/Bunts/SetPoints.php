<?php

declare(strict_types=1);

namespace FoxCorner\App\Bunts;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Field\SituationAddress;
use FoxCorner\App\Plan\ChangedMeanwhile;
use FoxCorner\App\Plan\Fingerprint;
use FoxCorner\App\Plan\PlanDrafts;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\Core\Game\BuntPoints;
use FoxCorner\Core\Game\BuntSign;
use FoxCorner\Core\InvalidValue;
use FoxCorner\Core\Plan\PlanBook;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** How the coach weighs the signs of a bunt. */
final class SetPoints extends AbstractController
{
    public function __construct(private readonly PlanReader $plans, private readonly PlanDrafts $drafts)
    {
    }

    #[Route('/{team}/bunts/{situation}/points', name: 'set_points', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function set(Membership $membership, string $situation, Request $request): Response
    {
        $membership->mustBeAbleToChange();
        $address = SituationAddress::read($situation, $request->query, $this->plans->context($membership->team, $request->query));
        try {
            $points = $request->request->getBoolean('ours') ? BuntPoints::ordinary() : self::read($request);
            $this->drafts->change($membership, 'Signs of a bunt weighed', static fn(PlanBook $book): PlanBook => Fingerprint::of($book->buntPoints) === $request->request->getString('seen') ? $book->withBuntPoints($points) : throw ChangedMeanwhile::by(null));
            $this->addFlash('done', 'The signs are weighed as you say; the corners follow.');
        } catch (InvalidValue $problem) {
            $this->addFlash('problem', \sprintf('%s: %s. Allowed: %s. Nothing was changed.', ucfirst($problem->field), $problem->wrong, $problem->allowed));
        } catch (ChangedMeanwhile $problem) {
            $this->addFlash('problem', $problem->getMessage());
        }

        return $this->redirectToRoute('bunts', ['team' => $membership->team->id(), ...$address->with(['view' => null, 'bunt' => null])], Response::HTTP_SEE_OTHER);
    }

    /** @throws InvalidValue */
    private static function read(Request $request): BuntPoints
    {
        $points = [];
        foreach (BuntSign::cases() as $sign) {
            $points[$sign->value] = self::whole($sign->label(), $request->request->getString('sign_'.$sign->value));
        }

        return BuntPoints::of($points, self::whole('likely from', $request->request->getString('likely_at')));
    }

    /** @throws InvalidValue */
    private static function whole(string $field, string $typed): int
    {
        return 1 === preg_match('/^-?\d{1,2}$/', trim($typed)) ? (int) $typed : throw InvalidValue::because($field, '' === trim($typed) ? 'it is empty' : "\"$typed\" is not a whole number", 'whole points, -9 to 9');
    }
}
