package glimble.server.access;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Accounts in the database. The statements are in {@code AccountMapper.xml}. */
@Mapper
interface AccountMapper {
    List<Account> all();

    Optional<Account> find(@Param("name") String name);

    /** Fails if there is one of that name already. */
    void add(
            @Param("name") String name,
            @Param("password") String password,
            @Param("role") Role role,
            @Param("madeAt") Instant madeAt);

    /** @return how many accounts that was: 1, or 0 if there is none of that name */
    int setRole(@Param("name") String name, @Param("role") Role role);

    /** @return as {@link #setRole} */
    int setPassword(@Param("name") String name, @Param("password") String password);

    /** @return as {@link #setRole} */
    int remove(@Param("name") String name);

    long count(@Param("role") Role role);
}
