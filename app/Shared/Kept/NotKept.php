<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Kept;

use Symfony\Component\HttpFoundation\Response;

/** Why a form could not be taken though nothing was wrong with what was typed. */
enum NotKept
{
    case TokenEnded;
    case SignedInAgain;
    case ChangedMeanwhile;
    case DatabaseAway;

    public function title(): string
    {
        return match ($this) {
            self::TokenEnded => 'This page was open for long: press once more',
            self::SignedInAgain => 'You are signed in again: press once more',
            self::ChangedMeanwhile => 'Somebody else saved in the same moment',
            self::DatabaseAway => 'The database does not take it right now',
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::TokenEnded,
            self::SignedInAgain => 'What you sent is not kept yet. It is still here, as you typed it.',
            self::ChangedMeanwhile => 'Yours is not kept, theirs is. What you typed is still here: look at what ' .
                'is there now, then ' .
                'decide.',
            self::DatabaseAway => 'Nothing was kept, nothing is lost. What you typed is still here; wait a little ' .
                'and send it again.',
        };
    }

    public function status(): int
    {
        return match ($this) {
            self::TokenEnded => Response::HTTP_FORBIDDEN,
            self::SignedInAgain => Response::HTTP_OK,
            self::ChangedMeanwhile => Response::HTTP_CONFLICT,
            self::DatabaseAway => Response::HTTP_SERVICE_UNAVAILABLE,
        };
    }
}
