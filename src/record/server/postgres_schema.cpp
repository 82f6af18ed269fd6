#include "record/server/postgres_schema.h"

#include "core/base/number_text.h"
#include "record/chain/body_fields.h"
#include "record/chain/entry.h"
#include "record/file/failures.h"

#include <array>

namespace bh {
namespace {

/// Step n brings version n to n+1. A step that has landed is never changed again.
const std::array<const char*, servers_schema_version> servers_steps{servers_step_1, servers_step_2};

/// What the schema is made of, as a whole: every relation, column, constraint, index, rule, trigger, function, policy, type,
/// grant, owner, setting, and the rows that the functions go by; in words that are the same wherever it was made.
QString parts_of(const Database& server)
{
    return server.value(R"sql(
WITH ns AS (SELECT oid, nspowner, nspacl FROM pg_namespace WHERE nspname = 'hangar'),
  base AS (SELECT datdba AS owner, oid AS database FROM pg_database WHERE datname = current_database()),
  who AS (SELECT oid, CASE WHEN oid = (SELECT owner FROM base) THEN 'the owner' ELSE rolname END AS name FROM pg_roles),
  granted AS (
    SELECT 'relation ' || relname AS of, coalesce(relacl, acldefault(CASE relkind WHEN 'S' THEN 's'::"char" ELSE 'r' END, relowner)) AS acl
      FROM pg_class, ns WHERE relnamespace = ns.oid AND relkind NOT IN ('i', 'I', 'c')
    UNION ALL SELECT 'column ' || relname || '.' || attname, attacl FROM pg_attribute JOIN pg_class c ON c.oid = attrelid, ns
      WHERE relnamespace = ns.oid AND attacl IS NOT NULL
    UNION ALL SELECT 'function ' || p.oid::regprocedure, coalesce(proacl, acldefault('f', proowner)) FROM pg_proc p, ns WHERE pronamespace = ns.oid
    UNION ALL SELECT 'schema', coalesce(nspacl, acldefault('n', nspowner)) FROM ns
    UNION ALL SELECT 'default ' || defaclobjtype::text, defaclacl FROM pg_default_acl, ns WHERE defaclnamespace IN (0, ns.oid)),
  parts AS (
    SELECT 'schema of ' || w.name AS part FROM ns JOIN who w ON w.oid = nspowner
    UNION ALL SELECT format('relation %s %s of %s %s %s %s %s', relkind, relname, w.name, relpersistence, relrowsecurity, relforcerowsecurity,
        coalesce(array_to_string(reloptions, ','), '')) FROM pg_class c JOIN who w ON w.oid = relowner, ns WHERE relnamespace = ns.oid
    UNION ALL SELECT format('column %s.%s %s %s %s %s %s %s', relname, attname, format_type(atttypid, atttypmod), attnotnull, attstorage, attidentity,
        attgenerated, coalesce(pg_get_expr(adbin, adrelid), '')) FROM pg_attribute a JOIN pg_class c ON c.oid = attrelid
        LEFT JOIN pg_attrdef d ON adrelid = attrelid AND adnum = attnum, ns WHERE relnamespace = ns.oid AND attnum > 0 AND NOT attisdropped
        AND relkind IN ('r', 'v', 'm', 'f', 'p')
    UNION ALL SELECT format('constraint %s %s %s %s', conrelid::regclass, conname, convalidated, pg_get_constraintdef(c.oid)) FROM pg_constraint c, ns
        WHERE connamespace = ns.oid
    UNION ALL SELECT format('index %s %s %s', indisvalid, indisready, pg_get_indexdef(indexrelid)) FROM pg_index JOIN pg_class c ON c.oid = indrelid, ns
        WHERE relnamespace = ns.oid
    UNION ALL SELECT format('rule %s %s', ev_enabled, pg_get_ruledef(r.oid)) FROM pg_rewrite r JOIN pg_class c ON c.oid = ev_class, ns
        WHERE relnamespace = ns.oid
    UNION ALL SELECT format('trigger %s %s', tgenabled, CASE WHEN tgisinternal THEN tgfoid::regproc::text ELSE pg_get_triggerdef(t.oid) END)
        FROM pg_trigger t JOIN pg_class c ON c.oid = tgrelid, ns WHERE relnamespace = ns.oid
    UNION ALL SELECT format('function of %s %s', w.name, CASE WHEN prokind IN ('f', 'p') THEN pg_get_functiondef(p.oid) ELSE p.oid::regprocedure::text END)
        FROM pg_proc p JOIN who w ON w.oid = proowner, ns WHERE pronamespace = ns.oid
    UNION ALL SELECT format('policy %s %s %s %s %s', polname, polcmd, polpermissive, pg_get_expr(polqual, polrelid), pg_get_expr(polwithcheck, polrelid))
        FROM pg_policy JOIN pg_class c ON c.oid = polrelid, ns WHERE relnamespace = ns.oid
    UNION ALL SELECT 'type ' || typname FROM pg_type, ns WHERE typnamespace = ns.oid AND typrelid = 0 AND typelem = 0
    UNION ALL SELECT 'operator ' || oprname FROM pg_operator, ns WHERE oprnamespace = ns.oid
    UNION ALL SELECT 'event trigger ' || evtname FROM pg_event_trigger
    UNION ALL SELECT format('setting of %s %s', coalesce((SELECT name FROM who WHERE oid = setrole), 'all'), array_to_string(setconfig, ', '))
        FROM pg_db_role_setting, base WHERE setdatabase = database OR (setdatabase = 0 AND setrole IN (
        SELECT oid FROM pg_roles WHERE rolname LIKE 'hangar\_%' OR oid = owner))
    UNION ALL SELECT format('role %s %s %s %s %s', rolname, rolsuper, rolcanlogin, rolcreaterole, rolbypassrls) FROM pg_roles
        WHERE rolname IN ('hangar_station', 'hangar_instructor', 'hangar_coordinator')
    UNION ALL SELECT format('member of %s: %s', g.rolname, w.name) FROM pg_auth_members m JOIN pg_roles g ON g.oid = roleid JOIN who w ON w.oid = member
        JOIN pg_roles r ON r.oid = member WHERE g.rolname IN ('hangar_station', 'hangar_instructor', 'hangar_coordinator') AND NOT r.rolcanlogin
    UNION ALL SELECT format('%s: %s to %s%s', of, privilege_type, coalesce(w.name, 'everybody'), CASE WHEN is_grantable AND w.name <> 'the owner'
        THEN ', to be given on' ELSE '' END) FROM granted, aclexplode(acl) LEFT JOIN who w ON w.oid = grantee
    UNION ALL SELECT format('right %s %s', kind, least) FROM hangar.entry_rights
    UNION ALL SELECT format('field %s %s %s %s', kind, name, shape, needed) FROM hangar.body_fields
    UNION ALL SELECT 'base point ' || sum(place * (y_less_x + 3 * y_and_x + 5 * t2d + 7 * z2))
        FROM hangar.curve_points WHERE key = 'base')
SELECT string_agg(part, E'\n' ORDER BY part COLLATE "C") FROM parts)sql");
}

std::string rights_in_words(const EntryRights& rights)
{
    std::string words;
    for (const EntryRight& r : rights) words += r.kind + "/" + r.document + " " + whole_text(r.least) + "\n";
    return sha256_hex(words);
}

/// The hash of what the steps make, with the rights and fields of this program, on a server of the version that a test makes it
/// on. It stands here and not on the server, where whoever owns it could change both.
constexpr const char* made_fingerprint = "aab20aeb144604df191de0e3e505fd1c7d347a65da5b9b60b32f430e9d5ab239";
constexpr int made_on_version = 15;

/// Servers of other versions write their catalogue in other words: those are held against what was noted there.
bool is_of_made_version(const Database& server)
{
    return server.value("SELECT current_setting('server_version_num')").toInt() / 10000 == made_on_version;
}

std::string noted_fingerprint(const Database& server)
{
    return server.value("SELECT value FROM hangar.state WHERE key = 'fingerprint'").toStdString();
}

} // namespace

int servers_version(const Database& server)
{
    // Read, not looked up by name: a name is remembered as missing while another connection has made it.
    if (server.value("SELECT count(*) FROM pg_class c JOIN pg_namespace n ON n.oid = c.relnamespace"
                     " WHERE n.nspname = 'hangar' AND c.relname = 'state'") == QLatin1String("0"))
        return 0;
    return server.value("SELECT value FROM hangar.state WHERE key = 'version'").toInt();
}

bool owns_server(const Database& server)
{
    return server.value("SELECT (pg_has_role(current_user, coalesce((SELECT nspowner FROM pg_namespace WHERE nspname = 'hangar'),"
                        " (SELECT datdba FROM pg_database WHERE datname = current_database())), 'USAGE'))::int") ==
           QLatin1String("1");
}

void prepare_server(const Database& server, const EntryRights& rights)
{
    const std::string words = rights_in_words(rights);
    if (servers_version(server) == servers_schema_version &&
        (rights.empty() || server.value("SELECT value FROM hangar.state WHERE key = 'rights'") == QString::fromStdString(words)))
        return;                          // nothing is new
    const Patience others_first(server); // who makes it at the same moment
    Transaction all_or_none(server);
    server.run(QStringLiteral("SELECT pg_advisory_xact_lock(%1)").arg(schema_lock));
    const int version = servers_version(server); // somebody may have been quicker
    if (version > servers_schema_version)
        throw StoreFailure(message("it was written by a newer version (%1, this one knows up to %2); it was left as it is",
                                   version, servers_schema_version));
    if (version == 0) server.run_script(QStringLiteral("CREATE SCHEMA IF NOT EXISTS hangar"));
    for (int step = version; step < servers_schema_version; ++step)
        server.run_script(QString::fromUtf8(servers_steps[static_cast<std::size_t>(step)]));
    if (!rights.empty()) server.run_script(QStringLiteral("DELETE FROM entry_rights"));
    for (const EntryRight& right : rights)
        server.run("INSERT INTO entry_rights VALUES (?,?) ON CONFLICT DO NOTHING",
                   right.document.empty() ? right.kind : right.kind + "/" + right.document, right.least);
    for (const char* own : {"key", "clock", "shared", "late"}) // what stations say of themselves
        server.run("INSERT INTO entry_rights VALUES (?,0) ON CONFLICT DO NOTHING", own);
    server.run_script(QStringLiteral("DELETE FROM body_fields"));
    for (const BodyField& f : body_fields())
        server.run("INSERT INTO body_fields VALUES (?,?,?,?::int::boolean)", std::string(f.kind), std::string(f.name),
                   std::string(f.shape), f.needed);
    // A line that waits keeps others waiting: not for ever. Stations ask for less by themselves.
    server.run_script(QStringLiteral(
        "DO $$ BEGIN EXECUTE format('ALTER DATABASE %I SET lock_timeout = ''10s''', current_database());"
        " EXECUTE format('ALTER DATABASE %I SET statement_timeout = ''120s''', current_database());"
        " EXECUTE format('ALTER DATABASE %I SET idle_in_transaction_session_timeout = ''10s''', current_database()); END $$"));
    const QString upsert =
        QStringLiteral("INSERT INTO state VALUES (?,?) ON CONFLICT (key) DO UPDATE SET value = excluded.value");
    server.run(upsert, "version", whole_text(servers_schema_version));
    server.run(upsert, "rights", words);
    server.run(upsert, "fingerprint", server_fingerprint(server));
    all_or_none.commit();
}

std::string server_fingerprint(const Database& server) { return sha256_hex(parts_of(server).toStdString()); }

std::vector<Message> server_schema_problems(const Database& server)
{
    const std::string wanted = is_of_made_version(server) ? made_fingerprint : noted_fingerprint(server);
    if (server_fingerprint(server) == wanted) return {};
    return {"the tables, functions or rights on the server are not as this program made them"};
}

} // namespace bh
