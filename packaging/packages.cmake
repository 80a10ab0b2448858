# SPDX-FileCopyrightText: Keep Seal contributors
# SPDX-License-Identifier: GPL-3.0-or-later
# What is installed beside programs and assets, and the three Debian packages that are made of it by CPack: the
# command line (with the assets and the readers that both need), the window, and the documents.
find_program(GZIP gzip REQUIRED)
find_program(VIPS_PROGRAM vips REQUIRED) # libvips-tools: the icon in all sizes

set(PACKED ${CMAKE_BINARY_DIR}/packed)
file(MAKE_DIRECTORY ${PACKED})
# Without the time and the name of the file: the same bytes on each machine.
foreach(FILE docs/keep-seal-cli.1 docs/keep-seal.1 packaging/changelog)
  get_filename_component(NAME ${FILE} NAME)
  execute_process(COMMAND ${GZIP} -9nc ${PROJECT_SOURCE_DIR}/${FILE} OUTPUT_FILE ${PACKED}/${NAME}.gz COMMAND_ERROR_IS_FATAL ANY)
  set_property(DIRECTORY ${PROJECT_SOURCE_DIR} APPEND PROPERTY CMAKE_CONFIGURE_DEPENDS ${PROJECT_SOURCE_DIR}/${FILE})
endforeach()
install(FILES ${PACKED}/keep-seal-cli.1.gz DESTINATION ${CMAKE_INSTALL_MANDIR}/man1 COMPONENT cli)

if(KEEPSEAL_APP)
  install(FILES ${PACKED}/keep-seal.1.gz DESTINATION ${CMAKE_INSTALL_MANDIR}/man1 COMPONENT app)
  foreach(SIZE 16 22 24 32 48 64 128 256 512)
    execute_process(COMMAND ${VIPS_PROGRAM} thumbnail ${PROJECT_SOURCE_DIR}/assets/keep-seal.svg ${PACKED}/icon-${SIZE}.png[strip] ${SIZE}
      COMMAND_ERROR_IS_FATAL ANY)
    install(FILES ${PACKED}/icon-${SIZE}.png RENAME org.example.KeepSeal.png COMPONENT app
      DESTINATION ${CMAKE_INSTALL_DATADIR}/icons/hicolor/${SIZE}x${SIZE}/apps)
  endforeach()
  install(FILES ${PROJECT_SOURCE_DIR}/assets/keep-seal-symbolic.svg RENAME org.example.KeepSeal-symbolic.svg COMPONENT app
    DESTINATION ${CMAKE_INSTALL_DATADIR}/icons/hicolor/symbolic/apps)
endif()

foreach(PACKAGE keep-seal:app keep-seal-cli:cli keep-seal-doc:doc)
  string(REPLACE ":" ";" PARTS ${PACKAGE})
  list(GET PARTS 0 NAME)
  list(GET PARTS 1 COMPONENT)
  install(FILES ${PROJECT_SOURCE_DIR}/packaging/copyright DESTINATION ${CMAKE_INSTALL_DATADIR}/doc/${NAME} COMPONENT ${COMPONENT})
  install(FILES ${PACKED}/changelog.gz RENAME changelog.Debian.gz DESTINATION ${CMAKE_INSTALL_DATADIR}/doc/${NAME}
    COMPONENT ${COMPONENT})
endforeach()
# Texts and pictures, and neither the manual pages nor licences, which have their places.
install(DIRECTORY docs/ DESTINATION ${CMAKE_INSTALL_DATADIR}/doc/keep-seal-doc/docs COMPONENT doc
  PATTERN "*.1" EXCLUDE PATTERN "licences" EXCLUDE)
install(FILES README.md DESTINATION ${CMAKE_INSTALL_DATADIR}/doc/keep-seal-doc COMPONENT doc)

set(CPACK_GENERATOR DEB)
set(CPACK_PACKAGE_NAME keep-seal)
set(CPACK_PACKAGE_VENDOR "Keep Seal contributors")
set(CPACK_PACKAGE_CONTACT "Keep Seal contributors <keep-seal@example.org>")
set(CPACK_PACKAGE_DIRECTORY ${CMAKE_BINARY_DIR}/packages)
set(CPACK_PACKAGING_INSTALL_PREFIX /usr)
set(CPACK_STRIP_FILES ON)
set(CPACK_INSTALL_DEFAULT_DIRECTORY_PERMISSIONS OWNER_READ OWNER_WRITE OWNER_EXECUTE GROUP_READ GROUP_EXECUTE WORLD_READ WORLD_EXECUTE)
set(CPACK_COMPONENTS_ALL app cli doc)
set(CPACK_COMPONENTS_GROUPING IGNORE)
set(CPACK_DEB_COMPONENT_INSTALL ON)
set(CPACK_DEBIAN_FILE_NAME DEB-DEFAULT)
set(CPACK_DEBIAN_PACKAGE_RELEASE 1)
set(CPACK_DEBIAN_PACKAGE_HOMEPAGE https://keep-seal.example.org/)
set(CPACK_DEBIAN_PACKAGE_CONTROL_STRICT_PERMISSION ON)
set(CPACK_DEBIAN_COMPRESSION_TYPE xz)
set(CPACK_DEBIAN_PACKAGE_SHLIBDEPS ON)

set(VERSION_OF_ALL ${PROJECT_VERSION}-${CPACK_DEBIAN_PACKAGE_RELEASE})
set(CPACK_DEBIAN_CLI_PACKAGE_NAME keep-seal-cli)
set(CPACK_DEBIAN_CLI_PACKAGE_SECTION graphics)
set(CPACK_DEBIAN_CLI_PACKAGE_DEPENDS "fontconfig-config")
set(CPACK_DEBIAN_CLI_PACKAGE_RECOMMENDS "ca-certificates")
set(CPACK_COMPONENT_CLI_DESCRIPTION "sealed, rights-labelled copies of pictures, on the command line
Stamps exported copies of photographs with a text or logo seal, a border and
copyright metadata, fits and names them, and leaves out where they were taken.
Originals are only ever read. Each copy is read back and searched before it
gets its name, and held back where it lacks what its delivery promises.")
set(CPACK_DEBIAN_APP_PACKAGE_NAME keep-seal)
set(CPACK_DEBIAN_APP_PACKAGE_SECTION graphics)
set(CPACK_DEBIAN_APP_PACKAGE_DEPENDS "keep-seal-cli (= ${VERSION_OF_ALL})")
set(CPACK_DEBIAN_APP_PACKAGE_RECOMMENDS "qt6-wayland, qt6-translations-l10n")
set(CPACK_DEBIAN_APP_PACKAGE_SUGGESTS "keep-seal-doc")
set(CPACK_COMPONENT_APP_DESCRIPTION "seal, label and deliver copies of photographs
A window in which text and logo seals, borders and copyright metadata are
designed once, seen on every picture, and stamped in batches onto exported
copies for several receivers, while the place where they were taken is left
out. Originals are only ever read, and fingerprinted before and after.")
set(CPACK_DEBIAN_DOC_PACKAGE_NAME keep-seal-doc)
set(CPACK_DEBIAN_DOC_PACKAGE_SECTION doc)
set(CPACK_DEBIAN_DOC_PACKAGE_ARCHITECTURE all)
set(CPACK_DEBIAN_DOC_PACKAGE_SHLIBDEPS OFF)
set(CPACK_COMPONENT_DOC_DESCRIPTION "seal, label and deliver copies of photographs - documents
How to use Keep Seal, its settings and file formats, what is promised about
originals and files of strangers and how that is kept, and measurements.")
include(CPack)
