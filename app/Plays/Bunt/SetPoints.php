<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Bunt;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\Address\SituationAddresses;
use FoxCorner\App\Plan\PlanEdit;
use FoxCorner\App\Plan\PlanEdits;
use FoxCorner\Core\Game\BuntPoints;
use FoxCorner\Core\Game\BuntSign;
use FoxCorner\Core\Plan\PlanBook;
use FoxCorner\Core\Play\Bunt\BuntFamily;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** How the coach weighs the signs of a bunt. */
final class SetPoints extends AbstractController
{
    public function __construct(private readonly SituationAddresses $addresses, private readonly PlanEdits $edits) {}

    #[Route('/{team}/plays/bunt/{situation}/points', name: 'set_points', methods: ['POST'])]
    #[IsCsrfTokenValid('change')]
    public function set(Membership $membership, string $situation, Request $request): Response
    {
        $address = $this->addresses->read($membership->team, $situation, $request->query);
        try {
            $points = $request->request->getBoolean('ours') ? BuntPoints::ordinary() : self::read($request);
            $this->edits->tell(
                $membership,
                PlanEdit::of(
                    'Signs of a bunt weighed',
                    $request->request->getString('seen'),
                    static fn(PlanBook $book): mixed => $book->buntPoints,
                    static fn(PlanBook $book): PlanBook => $book->withBuntPoints($points),
                ),
                'The signs are weighed as you say; the corners follow.',
            );
        } catch (Problem $problem) {
            $this->edits->refuse($problem);
        }
        $back = [
            'team' => $membership->team->address(),
            'family' => BuntFamily::KEY,
            ...$address->with(['view' => null]),
        ];

        return $this->redirectToRoute('plays', $back, Response::HTTP_SEE_OTHER);
    }

    /** @throws Problem */
    private static function read(Request $request): BuntPoints
    {
        $points = [];
        foreach (BuntSign::cases() as $sign) {
            $points[$sign->value] = self::whole($sign->label(), $request->request->getString('sign_' . $sign->value));
        }

        return BuntPoints::of($points, self::whole('likely from', $request->request->getString('likely_at')));
    }

    /** @throws Problem */
    private static function whole(string $field, string $typed): int
    {
        if (1 === preg_match('/^-?\d{1,2}$/', trim($typed))) {
            return (int) $typed;
        }

        throw Refused::because(
            $field,
            '' === trim($typed) ? 'it is empty' : "\"$typed\" is not a whole number",
            'whole points, -9 to 9',
        );
    }
}
