package boldwedge.server.people;

import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface SecondFactorMapper {
    /** A secret that counts only once a code of it has been shown; one that counts already stays. */
    @Insert("""
            insert into second_factor (person_id, secret) values (#{person}, #{secret})
            on conflict (person_id) do update set secret = excluded.secret, last_step = 0 where not second_factor.is_on""")
    int begin(UUID person, byte[] secret);

    @Select("select secret from second_factor where person_id = #{person} and is_on = #{isOn}")
    Optional<byte[]> secret(UUID person, boolean isOn);

    @Select("select count(*) > 0 from second_factor where person_id = #{person} and is_on")
    boolean isOn(UUID person);

    /** Uses up the code of a step of time, and turns the factor on; 0 where that step, or a later one, is used up already. */
    @Update("""
            update second_factor set last_step = #{step}, is_on = true
            where person_id = #{person} and last_step < #{step}""")
    int use(UUID person, long step);

    @Delete("delete from second_factor where person_id = #{person}")
    int drop(UUID person);
}
