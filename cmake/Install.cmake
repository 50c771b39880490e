# What `cmake --install` puts where, and the Debian package that `cpack` makes of it. The program finds what it needs beside itself
# (app/base/paths: ../share/lift-count); nothing in it names a folder of the build.
include(GNUInstallDirs)
set(LIFTCOUNT_DATE "2026-12-02") # of the manual pages and of the release
set(LIFTCOUNT_DATE_IN_WORDS "December 2, 2026")
set(LIFTCOUNT_DATE_OF_CHANGELOG "Wed, 02 Dec 2026 12:00:00 +0000")
set(LIFTCOUNT_ID org.liftcount.LiftCount)
set(data ${CMAKE_INSTALL_DATADIR}/lift-count)
set(from ${CMAKE_SOURCE_DIR}/packaging)
set(made ${CMAKE_BINARY_DIR}/packaging)
file(MAKE_DIRECTORY ${made})

# What the build makes: pages and completion from the table of verbs, the version and the date put in.
configure_file(${from}/changelog.in ${made}/changelog @ONLY)
configure_file(${from}/lift-count.1.in ${made}/lift-count.1 @ONLY)
configure_file(${from}/${LIFTCOUNT_ID}.metainfo.xml.in ${made}/${LIFTCOUNT_ID}.metainfo.xml @ONLY)
find_program(GZIP gzip REQUIRED)
add_custom_command(
  OUTPUT ${made}/lift-count-cli.1 ${made}/lift-count.bash ${made}/lift-count-cli.1.gz ${made}/lift-count.1.gz ${made}/changelog.gz ${made}/NEWS.gz
  COMMAND write_cli_pages ${made} ${LIFTCOUNT_DATE_IN_WORDS}
  COMMAND ${GZIP} -9nkf ${made}/lift-count-cli.1 ${made}/lift-count.1 ${made}/changelog
  COMMAND ${GZIP} -9nc ${CMAKE_SOURCE_DIR}/CHANGELOG.md > ${made}/NEWS.gz
  DEPENDS write_cli_pages ${made}/lift-count.1 ${made}/changelog ${CMAKE_SOURCE_DIR}/CHANGELOG.md
  VERBATIM)
add_custom_target(packaging ALL DEPENDS ${made}/changelog.gz)

install(TARGETS lift-count lift-count-cli RUNTIME DESTINATION ${CMAKE_INSTALL_BINDIR})
install(DIRECTORY ${CMAKE_SOURCE_DIR}/demo/ DESTINATION ${data}/demo FILES_MATCHING PATTERN "*.liftcount" PATTERN "*.ogg" PATTERN "*.mid" PATTERN "quarry-row.txt" PATTERN "README.md")
install(DIRECTORY ${CMAKE_SOURCE_DIR}/docs/manual/ DESTINATION ${data}/manual)
install(DIRECTORY ${CMAKE_SOURCE_DIR}/docs/screenshots/ DESTINATION ${data}/screenshots)
install(FILES ${made}/lift-count.1.gz ${made}/lift-count-cli.1.gz DESTINATION ${CMAKE_INSTALL_MANDIR}/man1)
install(FILES ${made}/lift-count.bash DESTINATION ${CMAKE_INSTALL_DATADIR}/bash-completion/completions RENAME lift-count)
install(FILES ${from}/lift-count-cli.completion DESTINATION ${CMAKE_INSTALL_DATADIR}/bash-completion/completions RENAME lift-count-cli)
install(FILES ${from}/${LIFTCOUNT_ID}.desktop DESTINATION ${CMAKE_INSTALL_DATADIR}/applications)
install(FILES ${made}/${LIFTCOUNT_ID}.metainfo.xml DESTINATION ${CMAKE_INSTALL_DATADIR}/metainfo)
install(FILES ${from}/${LIFTCOUNT_ID}.mime.xml DESTINATION ${CMAKE_INSTALL_DATADIR}/mime/packages RENAME ${LIFTCOUNT_ID}.xml)
install(FILES ${from}/icons/${LIFTCOUNT_ID}.svg DESTINATION ${CMAKE_INSTALL_DATADIR}/icons/hicolor/scalable/apps)
foreach(size 16 32 48 64 128 256)
  install(FILES ${from}/icons/${size}.png DESTINATION ${CMAKE_INSTALL_DATADIR}/icons/hicolor/${size}x${size}/apps RENAME ${LIFTCOUNT_ID}.png)
endforeach()
install(FILES ${from}/copyright DESTINATION ${CMAKE_INSTALL_DATADIR}/doc/lift-count)
install(FILES ${made}/changelog.gz ${made}/NEWS.gz DESTINATION ${CMAKE_INSTALL_DATADIR}/doc/lift-count)

set(CPACK_GENERATOR DEB)
set(CPACK_PACKAGE_NAME lift-count)
set(CPACK_PACKAGE_VENDOR "The makers of Lift Count")
set(CPACK_PACKAGE_CONTACT "The makers of Lift Count <makers@liftcount.example>")
set(CPACK_PACKAGE_HOMEPAGE_URL "https://liftcount.example/")
set(CPACK_PACKAGE_DESCRIPTION_SUMMARY "time counted step sequences against a song")
set(CPACK_PACKAGE_DESCRIPTION
"For people who make and teach dances for couples, lines and groups. A song is
counted into beats, bars and phrases; the counts of a dance are typed as they
are said; every pass shows at once where it lands in the music. Restarts, tags
and fillers are proposed with their cost, and sheets for the floor are printed.")
set(CPACK_PACKAGING_INSTALL_PREFIX /usr)
set(CPACK_STRIP_FILES ON)
set(CPACK_INSTALL_DEFAULT_DIRECTORY_PERMISSIONS OWNER_READ OWNER_WRITE OWNER_EXECUTE GROUP_READ GROUP_EXECUTE WORLD_READ WORLD_EXECUTE)
set(CPACK_DEBIAN_FILE_NAME DEB-DEFAULT)
set(CPACK_DEBIAN_PACKAGE_SECTION sound)
set(CPACK_DEBIAN_PACKAGE_SHLIBDEPS ON)
set(CPACK_DEBIAN_PACKAGE_DEPENDS "espeak-ng-data")
set(CPACK_DEBIAN_PACKAGE_RECOMMENDS "qt6-translations-l10n, qt6-wayland, qt6-gtk-platformtheme")
set(CPACK_DEBIAN_PACKAGE_CONTROL_STRICT_PERMISSION ON)
include(CPack)
