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

    @Update("update person set passphrase = #{passphrase} where id = #{id}")
    int setPassphrase(UUID id, String passphrase);

    @Delete("delete from person where id = #{id} and version = #{version}")
    int remove(UUID id, int version);

    /** Keeps a person beside, as the person is, before the person is taken out. */
    @Insert("""
            insert into person_gone (id, version, name, role, passphrase, second_factor, second_factor_step, gone_at)
            select id, version, name, role, passphrase,
              (select secret from second_factor where person_id = id and is_on),
              (select last_step from second_factor where person_id = id and is_on), #{now}
            from person where id = #{id} and version = #{version}""")
    int putAside(UUID id, int version, Instant now);

    @Delete("delete from person_gone where gone_at < #{since}")
    int forgetGone(Instant since);

    @Select("select id, version, name, role from person_gone where id = #{id}")
    Optional<Person> gone(UUID id);

    /** Lets a person in again who was put aside; 0 where the name is taken by now. */
    @Insert("""
            with back as (
              insert into person (id, version, name, role, passphrase)
              select id, version + 1, name, role, passphrase from person_gone where id = #{id}
              on conflict do nothing returning id)
            insert into second_factor (person_id, secret, is_on, last_step)
            select g.id, g.second_factor, true, g.second_factor_step from person_gone g join back on back.id = g.id where g.second_factor is not null""")
    void bringBack(UUID id);

    @Delete("delete from person_gone where id = #{id}")
    int dropGone(UUID id);

    @Update("update person set role = 'OWNER', version = version + 1 where id = #{id}")
    int makeOwner(UUID id);
}
