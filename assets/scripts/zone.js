// Tells the server in which time zone this browser is: calendars are read by it unless they say otherwise.

export function tellZone() {
    const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
    if (zone && !document.cookie.split('; ').includes(`zone=${encodeURIComponent(zone)}`)) {
        document.cookie = `zone=${encodeURIComponent(zone)}; path=/; max-age=31536000; samesite=lax`;
    }
}
