# The user who runs the services. Root hands everything that runs to an unprivileged user of its own; anybody
# else runs it himself. Needs settings.sh and install.sh.

as_owner() {
    if [ "$(id -u)" -ne 0 ]; then "$@"; else setpriv --reuid="$OWNER" --regid="$OWNER" --init-groups "$@"; fi
}

# What the services read of the checkout.
SERVED=(app bin config core docs migrations public templates vendor composer.json .env)

# What services write, below the instance's folder. The folder itself stays the caller's: what root writes there, nobody
# else can move or lead elsewhere.
WRITTEN=(backups cache imports log mariadb nginx post sock tmp)

# Makes the user, gives it its folders, and lets it reach the checkout.
settle_owner() {
    local folder
    mkdir -p "$RUN_DIR/local/php-fpm" "$RUN_DIR/local/nginx" "${WRITTEN[@]/#/$RUN_DIR/}"
    chmod 700 "$RUN_DIR" "${WRITTEN[@]/#/$RUN_DIR/}"
    [ "$(id -u)" -eq 0 ] || return 0
    id "$OWNER" >/dev/null 2>&1 || useradd --system --user-group --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin "$OWNER" ||
        fail "The user $OWNER, who is to run database, PHP and web server, could not be made."
    [ "$(id -u "$OWNER")" -ne 0 ] || fail "FOX_USER is \"$OWNER\", which is root; allowed: an unprivileged user."
    chgrp "$(id -g "$OWNER")" "$RUN_DIR" && chmod 750 "$RUN_DIR"
    for folder in "${WRITTEN[@]}"; do
        # Another user's instance, whose files the new one takes over.
        [ "$(stat -c %U "$RUN_DIR/$folder")" = "$OWNER" ] || chown -R --no-dereference "$OWNER:" "$RUN_DIR/$folder"
    done
    let_owner_in
    [ -z "$FOX_BACKUP_DIR" ] || as_owner test -d "$FOX_BACKUP_DIR" -a -w "$FOX_BACKUP_DIR" ||
        fail "FOX_BACKUP_DIR is \"$FOX_BACKUP_DIR\"; allowed: a folder that $OWNER may write to"
}

# The way to the checkout may be closed to others, as a home folder is: this one user may then pass, nobody else.
let_owner_in() {
    local folder=$ROOT closed=()
    while [ "$folder" != / ]; do
        as_owner test -x "$folder" 2>/dev/null || closed=("$folder" "${closed[@]}")
        folder=$(dirname "$folder")
    done
    if [ ${#closed[@]} -gt 0 ] && ! as_owner test -x "$ROOT"; then
        install_system setfacl:acl
        for folder in "${closed[@]}"; do
            as_owner test -x "$folder" 2>/dev/null && continue
            setfacl -m "u:$OWNER:x" "$folder" || fail "The user $OWNER may not pass through $folder. Allow it (chmod o+x), or put the checkout where others may pass."
            say "$OWNER, who runs the services, may now pass through $folder"
        done
    fi
    as_owner find -L "${SERVED[@]/#/$ROOT/}" ! -readable -print -quit 2>/dev/null | grep -q . || return 0
    install_system setfacl:acl
    setfacl -R -m "u:$OWNER:rX,d:u:$OWNER:rX" "${SERVED[@]/#/$ROOT/}" 2>/dev/null
    as_owner test -r "$ROOT/vendor/autoload.php" || fail "The user $OWNER may not read $ROOT. Allow it (chmod -R o+rX), or run as another user than root."
}
