package boldwedge.server.people;

import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.cursor.Cursor;
import org.apache.ibatis.mapping.ResultSetType;

/** The journal's lines. */
@Mapper
interface JournalMapper {
    String LINE = "select id, at, person, address, what, about from journal";

    @Insert("""
            insert into journal (at, person, address, what, about)
            values (#{at}, #{person}, #{address}, #{what}, #{about})""")
    int add(Instant at, String person, String address, String what, String about);

    @Select(LINE + " where id < #{before} order by id desc limit #{most}")
    List<Journal.Line> before(long before, int most);

    @Select(LINE + " order by id")
    @Options(resultSetType = ResultSetType.FORWARD_ONLY, fetchSize = 500)
    Cursor<Journal.Line> each();
}
