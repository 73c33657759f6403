package boldwedge.server.people;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface PeopleMapper {
    String PERSON = "select id, version, name, role from person";

    @Select(PERSON + " order by lower(name)")
    List<Person> all();

    @Select(PERSON + " where id = #{id}")
    Optional<Person> find(UUID id);

    @Select(PERSON + " where lower(name) = lower(#{name})")
    Optional<Person> named(String name);

    @Select("select passphrase from person where id = #{id}")
    Optional<String> passphrase(UUID id);

    @Select("select count(*) from person")
    int count();

    @Select("select count(*) from person where role = 'OWNER' and id <> #{but}")
    int ownersBut(UUID but);

    /** One change of the owners at a time, so that two at once do not each remove the last but one. */
    @Select("select pg_advisory_xact_lock(4213)::text")
    String oneAtATime();

    @Insert("insert into person (id, name, role, passphrase) values (#{person.id}, #{person.name}, #{person.role},"
            + " #{passphrase}) on conflict do nothing")
    int add(Person person, String passphrase);

    @Update("update person set role = #{role}, version = version + 1 where id = #{id} and version = #{version}")
    int setRole(UUID id, int version, Role role);

    @Update("update person set passphrase = #{passphrase}, version = version + 1 where id = #{id}")
    int setPassphrase(UUID id, String passphrase);

    @Delete("delete from person where id = #{id} and version = #{version}")
    int remove(UUID id, int version);

    @Insert(
            "insert into one_time_code (hash, purpose, person_id, expires_at) values (#{hash}, 'pair', #{person}, #{until})")
    int addCode(String hash, UUID person, Instant until);

    /** Takes a code away and tells whose it was: whoever comes second finds nothing. */
    @Select(
            "delete from one_time_code where hash = #{hash} and purpose = 'pair' and expires_at > #{now} returning person_id")
    Optional<UUID> takeCode(String hash, Instant now);

    @Delete("delete from one_time_code where person_id = #{person}")
    int dropCodesOf(UUID person);

    @Delete("delete from one_time_code where expires_at <= #{now}")
    int dropOldCodes(Instant now);

    @Select("select max(next_at) from sign_in_failure where subject = any (array[#{a}, #{b}])")
    Optional<Instant> waitUntil(String a, String b);

    @Select(
            "insert into sign_in_failure (subject, failures, next_at) values (#{subject}, 1, #{now}) on conflict (subject)"
                    + " do update set failures = case when sign_in_failure.next_at < #{forgotten} then 1"
                    + " else sign_in_failure.failures + 1 end, next_at = #{now} returning failures")
    int failed(String subject, Instant now, Instant forgotten);

    @Update("update sign_in_failure set next_at = #{until} where subject = #{subject}")
    int waitLonger(String subject, Instant until);

    @Delete("delete from sign_in_failure where subject = any (array[#{a}, #{b}])")
    int forgetFailures(String a, String b);
}
