package boldwedge.server.demo;

import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface DoneOnceMapper {
    /** Marks a thing as done; 0 when it was already. */
    @Insert("insert into done_once (what) values (#{what}) on conflict do nothing")
    int mark(String what);
}
